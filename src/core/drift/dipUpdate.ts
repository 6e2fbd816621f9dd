import type { Dip } from '../calibration';
import { CLEANING_JUMP_PROBABILITY, GAIN_JUMP_FROM, type PenModel } from './model';
import { jumpedVariance, jumpRate, type Filter, type Layout, type Transition } from './filter';

/** A dip with the place of its bottle in the state (−1: none). */
export interface PlacedDip extends Dip {
  readonly slot: number;
}

interface Observer {
  readonly layout: Layout;
  readonly model: PenModel;
  readonly repeatVariance: number;
}

type State = Pick<Filter, 'mean' | 'cov' | 'slab'>;

/** What a filter expects of a dip: h·P, the innovation and its variance. */
interface Expected {
  readonly gainRow: Float64Array;
  readonly surprise: number;
  readonly variance: number;
}

/** Where a dip looks in the state and with what weight: pairs of row and factor. */
function looksAt({ levels, bend, firstLot }: Layout, dip: PlacedDip): readonly number[] {
  const pairs = [0, 1];
  if (levels > 1) pairs.push(1, dip.lever);
  if (bend >= 0 && dip.bends) pairs.push(bend, dip.lever);
  if (dip.slot >= 0) pairs.push(firstLot + dip.slot, 1);
  return pairs;
}

/** h·P and S, with h: 1 on the first level, the lever on the second, on the bend, 1 on the bottle. */
function expectDip(
  { layout, repeatVariance }: Pick<Observer, 'layout' | 'repeatVariance'>,
  { mean, cov }: Pick<Filter, 'mean' | 'cov'>,
  dip: PlacedDip,
): Expected {
  const { size } = layout;
  const pairs = looksAt(layout, dip);
  const gainRow = new Float64Array(size);
  let expected = 0;
  for (let at = 0; at < pairs.length; at += 2) {
    const row = pairs[at]!;
    const factor = pairs[at + 1]!;
    expected += factor * mean[row]!;
    for (let column = 0; column < size; column += 1)
      gainRow[column]! += factor * cov[row * size + column]!;
  }
  let variance = dip.variance + repeatVariance;
  for (let at = 0; at < pairs.length; at += 2) variance += pairs[at + 1]! * gainRow[pairs[at]!]!;
  return { gainRow, surprise: dip.difference - expected, variance };
}

/** Takes an expected dip in: x += K·ν, P −= K·(h·P). */
function takeIn(size: number, state: State, expected: Expected) {
  const { gainRow, surprise, variance } = expected;
  const mean = state.slab.copy(state.mean);
  const cov = state.slab.copy(state.cov);
  for (let row = 0; row < size; row += 1) {
    const gain = gainRow[row]! / variance;
    mean[row]! += gain * surprise;
    for (let column = 0; column <= row; column += 1) {
      cov[row * size + column]! -= gain * gainRow[column]!;
      cov[column * size + row] = cov[row * size + column]!;
    }
  }
  return { mean, cov, slab: state.slab };
}

/** The log likelihood of a surprise, up to a constant. */
const logLikelihood = (surprise: number, variance: number) =>
  -0.5 * (Math.log(variance) + surprise ** 2 / variance);

/** Takes one dip into a filter. */
export function takeDip(observer: Observer, filter: Filter, dip: PlacedDip, counts = true): void {
  const expected = expectDip(observer, filter, dip);
  const after = takeIn(observer.layout.size, filter, expected);
  filter.mean = after.mean;
  filter.cov = after.cov;
  if (counts) filter.logWeight += logLikelihood(expected.surprise, expected.variance);
}

/** Adds variance to a level, in the state and in the transition that led to it. */
function widen({ size }: Layout, filter: Filter, last: Transition, level: number, by: number) {
  filter.cov[level * size + level]! += by;
  last.added[level]! += by;
}

/**
 * Looks in the first dips after some days for an unnoticed jump, and widens the way that led there
 * before they are taken in. `last` is that way: its arrays still belong to this filter alone.
 * Cleaned first: a jump then came with the cleaning, and tells nothing of the pen's own temper.
 */
export function takeFirstDips(
  observer: Observer,
  filter: Filter,
  {
    dips,
    last,
    afterCleaning,
  }: { dips: readonly PlacedDip[]; last: Transition; afterCleaning: boolean },
): void {
  const { layout, model } = observer;
  const [first, second] = dips;
  if (!first) return;
  const { surprise, variance } = expectDip(observer, filter, first);
  const probability = afterCleaning
    ? CLEANING_JUMP_PROBABILITY
    : 1 - Math.exp(-filter.jumpsPerDay * last.days);
  const jumpVariance = jumpedVariance(model, filter.jumpsPerDay, last.days);
  let logTerm = logLikelihood(surprise, variance);
  let jumped = 0;
  if (probability > 0) {
    const calm = Math.log(1 - probability) + logTerm;
    const jump = Math.log(probability) + logLikelihood(surprise, variance + jumpVariance);
    jumped = 1 / (1 + Math.exp(calm - jump));
    logTerm = Math.max(calm, jump) + Math.log1p(Math.exp(-Math.abs(calm - jump)));
    widen(layout, filter, last, 0, jumped * Math.max(jumpVariance, surprise ** 2 - variance));
  }
  if (!afterCleaning) {
    filter.logWeight += logTerm;
    filter.jumps += jumped;
    filter.jumpsPerDay = jumpRate(model, filter.jumps, filter.days);
  }
  let gainJumped = false;
  if (layout.levels > 1 && second && second.lever !== 0) {
    const with1 = takeIn(layout.size, filter, expectDip(observer, filter, first));
    const at = expectDip(observer, with1, second);
    gainJumped = at.surprise ** 2 > GAIN_JUMP_FROM * at.variance;
    if (gainJumped)
      widen(layout, filter, last, 1, (at.surprise ** 2 - at.variance) / second.lever ** 2);
  }
  dips.forEach((dip, at) => {
    takeDip(observer, filter, dip, at > 0 && !(at === 1 && gainJumped));
  });
}
