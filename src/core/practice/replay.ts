import {
  act,
  liquidOf,
  liquidPh,
  rested,
  SCRUB_LEAVES,
  trueErrorEcRel,
  trueErrorPh,
  type Act,
  type World,
} from '../simulated-pen';
import type { MistakeKind, Practice } from './kinds';
import { noticeMistakes, type Done } from './notice';
import { tankOffPh } from './tankNeeds';

/** One act of a run, when it was done and what was wrong with it. */
interface RunStep {
  readonly act: Act;
  readonly tick: number;
  readonly mistakes: readonly MistakeKind[];
}

/** How a run ended, in numbers. */
export interface Outcome {
  /** How far off the pen truly is where the crop lives, pH; later, when everything has had its effect. */
  readonly errorPh?: number | undefined;
  /** The same of its EC side, a share. */
  readonly errorEcRel?: number | undefined;
  /** Days of the probe’s life that went beyond the days themselves. */
  readonly wornDays: number;
  readonly bufferMl: number;
  readonly productMl: number;
  /** How far the mixed tank lies outside its band, pH. */
  readonly tankOffPh: number;
  /** Error as found that nobody wrote down before it was changed, pH: past readings cannot be corrected for it. */
  readonly unknownPh: number;
  readonly minutes: number;
}

/** A run played through. */
export interface Played {
  readonly world: World;
  readonly steps: readonly RunStep[];
  readonly outcome: Outcome;
}

const TICKS_PER_MINUTE = 120;

/** A note is as good as a display and a dip are, pH. */
const NOTE_WITHIN_PH = 0.03;

/** What the pen’s past readings suffered that no note tells: all of it where nothing was read. */
function unknownPh({ start, crop, hasPast }: Practice, world: World): number {
  if (crop.ph === undefined || !hasPast) return 0;
  const before = trueErrorPh(start, crop.ph, crop.tempC);
  const changed = Math.abs(trueErrorPh(world, crop.ph, crop.tempC) - before) > 0.02;
  const found = world.notes.filter(({ what }) => what.startsWith('found'));
  if (found.length > 0) {
    const at = found[0]!;
    const cup =
      world.cups[at.what.slice('found '.length)] ?? start.cups[at.what.slice('found '.length)];
    if (!cup || cup.label.kind !== 'buffer') return 0;
    const { tempC } = cup.liquid;
    const truth = liquidPh(liquidOf(cup.label, tempC));
    const told = at.shown - truth;
    const truly = trueErrorPh(start, truth, tempC);
    return Math.max(0, Math.abs(truly - told) - NOTE_WITHIN_PH);
  }
  return changed ? Math.abs(before) : 0;
}

/** The numbers at the end of a run: the pen put where it was left, and looked at again later. */
function outcomeOf(practice: Practice, world: World): Outcome {
  const { crop, laterH, start } = practice;
  // Of the cups only the one it stands in matters any more.
  const { tip } = world;
  const cups = tip.at === 'cup' ? { [tip.cup]: world.cups[tip.cup]! } : {};
  const later = rested({ ...world, cups }, laterH);
  const cleanedLater: World = {
    ...later,
    cell: { ...later.cell, grease: later.cell.grease * SCRUB_LEAVES },
  };
  const ec = crop.ecMsPerCm;
  // Grease goes at the next cleaning: a pen adjusted over it is off from then on.
  const errorsEc =
    ec === undefined ? [] : [later, cleanedLater].map((each) => trueErrorEcRel(each, ec));
  return {
    ...(crop.ph === undefined ? {} : { errorPh: trueErrorPh(later, crop.ph, crop.tempC) }),
    ...(ec === undefined
      ? {}
      : { errorEcRel: errorsEc.reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a)) }),
    // A pen without a pH side has no glass to wear.
    wornDays: start.profile.ph ? Math.max(0, later.probe.wornDays - start.probe.wornDays) : 0,
    bufferMl: world.pouredMl,
    productMl: world.productMl,
    tankOffPh: tankOffPh(world),
    unknownPh: unknownPh(practice, world),
    minutes: world.tick / TICKS_PER_MINUTE,
  };
}

/** An answer can be changed until the end: only the last one to a question counts. */
const lastAnswers = (acts: readonly Act[]): readonly Act[] =>
  acts.filter(
    (one, at) =>
      one.do !== 'answer' ||
      !acts.slice(at + 1).some((later) => later.do === 'answer' && later.question === one.question),
  );

/** A replay does not go on for ever: an act may be put right so often. */
const MOST_FIXES = 3;

/**
 * Plays acts from the start of a practice. With `without`, every mistake of that kind is left out: what a
 * careful hand does stands in its place, with the same seed and so the same chance.
 */
export function play(practice: Practice, acts: readonly Act[], without?: MistakeKind): Played {
  let world = practice.start;
  const past: Done[] = [];
  const steps: RunStep[] = [];
  let skipsUntil: Act['do'] | undefined;
  const go = (what: Act, fixes: number): void => {
    if (skipsUntil && what.do !== skipsUntil) return;
    skipsUntil = undefined;
    const seen = noticeMistakes({ before: world, what, past, practice });
    const fix =
      without && fixes < MOST_FIXES ? seen.find(({ kind }) => kind === without) : undefined;
    if (fix) {
      for (const one of fix.instead) go(one, fixes + 1);
      skipsUntil = fix.until;
      return;
    }
    const { tick } = world;
    world = act(world, what);
    past.push({ act: what, tick });
    steps.push({ act: what, tick, mistakes: [...new Set(seen.map(({ kind }) => kind))] });
  };
  for (const one of lastAnswers(acts)) go(one, 0);
  for (const choice of Object.values(world.answers))
    world = practice.answered?.(world, choice) ?? world;
  const glass = practice.start.profile.ph !== null;
  if (world.tip.at === 'air' && acts.length > 0 && glass) {
    if (without === 'leftDry') go({ do: 'cap', with: 'storage' }, MOST_FIXES);
    else
      steps.push({
        act: { do: 'rest', hours: practice.laterH },
        tick: world.tick,
        mistakes: ['leftDry'],
      });
  }
  return { world, steps, outcome: outcomeOf(practice, world) };
}

/** What one kind of mistake cost: the run as it was less the same run without it. Positive: worse. */
export interface Cost {
  readonly kind: MistakeKind;
  readonly times: number;
  readonly errorPh: number;
  readonly errorEcRel: number;
  readonly wornDays: number;
  readonly bufferMl: number;
  readonly productMl: number;
  readonly tankOffPh: number;
  readonly unknownPh: number;
  readonly minutes: number;
}

/** How the parts of a cost weigh against each other when the dearest is looked for. */
const weightOf = (cost: Cost): number =>
  Math.max(0, cost.errorPh) * 10 +
  Math.max(0, cost.errorEcRel) * 20 +
  Math.max(0, cost.unknownPh) * 5 +
  Math.max(0, cost.tankOffPh) * 5 +
  Math.max(0, cost.wornDays) / 10 +
  Math.max(0, cost.bufferMl) / 100 +
  Math.max(0, cost.minutes) / 200;

/** The dearest first. */
export const costOrder = (a: Cost, b: Cost): number => weightOf(b) - weightOf(a);

const size = (value: number | undefined) => Math.abs(value ?? 0);

/** What one kind of mistake cost in a run that was played: the same seed without it, compared. */
export function costOf(
  practice: Practice,
  of: { readonly acts: readonly Act[]; readonly real: Played; readonly kind: MistakeKind },
): Cost {
  const { acts, real, kind } = of;
  const { outcome } = play(practice, acts, kind);
  return {
    kind,
    times: real.steps.filter(({ mistakes }) => mistakes.includes(kind)).length,
    errorPh: size(real.outcome.errorPh) - size(outcome.errorPh),
    errorEcRel: size(real.outcome.errorEcRel) - size(outcome.errorEcRel),
    wornDays: real.outcome.wornDays - outcome.wornDays,
    bufferMl: real.outcome.bufferMl - outcome.bufferMl,
    productMl: real.outcome.productMl - outcome.productMl,
    tankOffPh: real.outcome.tankOffPh - outcome.tankOffPh,
    unknownPh: real.outcome.unknownPh - outcome.unknownPh,
    minutes: real.outcome.minutes - outcome.minutes,
  };
}

/** The costs of a run, the dearest first: each by a replay of the same seed without that mistake. */
export function costsOf(practice: Practice, acts: readonly Act[]): readonly Cost[] {
  const real = play(practice, acts);
  const kinds = [...new Set(real.steps.flatMap(({ mistakes }) => mistakes))];
  return kinds.map((kind) => costOf(practice, { acts, real, kind })).sort(costOrder);
}
