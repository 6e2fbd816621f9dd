import type { Slab } from '../statistics';
import { BEND_STD_U, FADING_DAYS, type Known, type PenModel } from './model';

/** Where each part of the state stands: levels, their rates, the bend (−1: none), then the bottles. */
export interface Layout {
  readonly levels: number;
  readonly bend: number;
  readonly firstLot: number;
  readonly size: number;
}

/** The layout for a quantity with so many bottles. */
export function layoutOf(
  levels: number,
  { bends, lots }: { bends: boolean; lots: number },
): Layout {
  const firstLot = 2 * levels + (bends ? 1 : 0);
  return { levels, bend: bends ? 2 * levels : -1, firstLot, size: firstLot + lots };
}

/** One way the state went from one moment to the next, as the way back needs it. */
export interface Transition {
  readonly days: number;
  /** Rows that start anew. */
  readonly zeroed: readonly number[];
  /** State before it. */
  readonly meanBefore: Float64Array;
  readonly covBefore: Float64Array;
  /** State after it, before any dip. */
  readonly meanAfter: Float64Array;
  readonly covAfter: Float64Array;
  /** What walk and jumps added to each level's variance. */
  readonly added: Float64Array;
}

/** What starts anew at a transition: a row with its new mean and variance. */
export interface Restart {
  readonly row: number;
  readonly known: Known;
}

/** One Kalman filter of the bank. Its arrays are replaced, never changed, once something rests on them. */
export interface Filter {
  readonly walkVariance: number;
  readonly priorLogWeight: number;
  /** Where its arrays are cut from. */
  readonly slab: Slab;
  mean: Float64Array;
  cov: Float64Array;
  logWeight: number;
  /** Jumps counted, over so many days; both fade. */
  jumps: number;
  days: number;
  jumpsPerDay: number;
}

/** Jumps a day as supposed before, and as counted since. */
export function jumpRate({ jumpsBefore }: PenModel, jumps: number, days: number): number {
  return (jumpsBefore.count + jumps) / (jumpsBefore.days + days);
}

/** A filter at its prior. */
export function startFilter(
  layout: Layout,
  model: PenModel,
  {
    which,
    restarts,
    slab,
  }: { readonly which: number; readonly restarts: readonly Restart[]; readonly slab: Slab },
): Filter {
  const mean = slab.take(layout.size);
  const cov = slab.take(layout.size * layout.size);
  for (const { row, known } of restarts) {
    mean[row] = known.mean;
    cov[row * layout.size + row] = known.stdU ** 2;
  }
  const priorLogWeight = Math.log(model.walkWeights[which]!);
  return {
    walkVariance: model.walks[which]! ** 2,
    priorLogWeight,
    slab,
    mean,
    cov,
    logWeight: priorLogWeight,
    jumps: 0,
    days: 0,
    jumpsPerDay: jumpRate(model, 0, 0),
  };
}

/** Forgets what was learned of the pen's temper: a new probe has its own. */
export function forgetTemper(model: PenModel, filter: Filter): void {
  filter.logWeight = filter.priorLogWeight;
  filter.jumps = 0;
  filter.days = 0;
  filter.jumpsPerDay = jumpRate(model, 0, 0);
}

/** How the state goes over some days, with what starts anew and what is added to the levels besides. */
export interface Step {
  readonly days: number;
  readonly restarts?: readonly Restart[];
  /** Variances added to the levels. */
  readonly extra?: readonly number[];
  /** No dip sees its end: a jump on the way stays possible. */
  readonly unseen?: boolean;
}

const NOTHING_ADDED: readonly number[] = [];

/** x ← F·x and P ← F·P·Fᵀ in place: each level moves by its rate. */
function moveByRates(
  { levels, size }: Layout,
  days: number,
  mean: Float64Array,
  cov: Float64Array,
) {
  for (let level = 0; level < levels; level += 1) {
    const rate = level + levels;
    mean[level]! += days * mean[rate]!;
    for (let column = 0; column < size; column += 1)
      cov[level * size + column]! += days * cov[rate * size + column]!;
    for (let row = 0; row < size; row += 1)
      cov[row * size + level]! += days * cov[row * size + rate]!;
  }
}

/** Rows and columns that start anew lose all they shared with others. */
function restart(
  size: number,
  restarts: readonly Restart[],
  mean: Float64Array,
  cov: Float64Array,
) {
  for (const { row, known } of restarts) {
    for (let at = 0; at < size; at += 1) {
      cov[row * size + at] = 0;
      cov[at * size + row] = 0;
    }
    mean[row] = known.mean;
    cov[row * size + row] = known.stdU ** 2;
  }
}

/** The variance of what jumped in some days, if anything did: where more than one is due, of so many. */
export const jumpedVariance = ({ jump }: PenModel, jumpsPerDay: number, days: number) =>
  jump ** 2 * Math.max(1, jumpsPerDay * days);

/** What an unseen stretch adds to the first level: the chance of a jump times its variance. */
const unseenJump = ({ jumpsPerDay }: Filter, model: PenModel, days: number) =>
  (1 - Math.exp(-jumpsPerDay * days)) * jumpedVariance(model, jumpsPerDay, days);

/** Moves a filter on and tells how, for the way back. Old evidence fades with the days. */
export function moveOn(
  layout: Layout,
  filter: Filter,
  { model, step }: { readonly model: PenModel; readonly step: Step },
): Transition {
  const { days, restarts = [], extra = NOTHING_ADDED, unseen = false } = step;
  const { levels, size } = layout;
  const meanBefore = filter.mean;
  const covBefore = filter.cov;
  const mean = filter.slab.copy(meanBefore);
  const cov = filter.slab.copy(covBefore);
  if (days > 0) {
    moveByRates(layout, days, mean, cov);
    const fading = Math.exp(-days / FADING_DAYS);
    filter.logWeight = filter.priorLogWeight + fading * (filter.logWeight - filter.priorLogWeight);
    filter.jumps *= fading;
    filter.days = fading * filter.days + days;
  }
  restart(size, restarts, mean, cov);
  const added = new Float64Array(levels);
  if (unseen) added[0] = unseenJump(filter, model, days);
  for (let level = 0; level < levels; level += 1) {
    const more = filter.walkVariance * model.walkShares[level]! * days + (extra[level] ?? 0);
    added[level]! += more;
    cov[level * size + level]! += added[level]!;
  }
  filter.mean = mean;
  filter.cov = cov;
  const zeroed = restarts.map(({ row }) => row);
  return { days, zeroed, meanBefore, covBefore, meanAfter: mean, covAfter: cov, added };
}

/** The rows a new probe starts anew. */
export function newProbeRestarts(
  { levels, bend }: Layout,
  { start, rates }: { readonly start: readonly Known[]; readonly rates: readonly Known[] },
): readonly Restart[] {
  return [
    ...start.map((known, row) => ({ row, known })),
    ...rates.map((known, at) => ({ row: levels + at, known })),
    ...(bend >= 0 ? [{ row: bend, known: { mean: 0, stdU: BEND_STD_U.start } }] : []),
  ];
}
