import { DAY_MS } from '../units';
import type { Quantity } from '../calibration';
import { BankWalk, type Bank, type Node } from './bank';
import { mixed, standardsShare, weightsOf } from './bankMean';
import type { PenCheck, PenEvent, PenFacts } from './events';
import { jumpedVariance } from './filter';
import { isAbsurd, type LevelVariance, type PenState } from './penState';
import { smooth, type Stretch } from './smooth';

/** What was known at an event's end, over the bank. */
export interface KnownThen {
  readonly atMs: number;
  readonly level: number;
  readonly gain: number;
  readonly levelPerDay: number;
  readonly gainPerDay: number;
  /** Covariance of (level, gain, their rates), row after row; EC: (level, rate). */
  readonly cov: Float64Array;
  readonly size: number;
  readonly standards: LevelVariance;
  readonly walkVariance: number;
  readonly jumpsPerDay: number;
  readonly dips: number;
  readonly weights: readonly number[];
}

/** One side of a pen through time: everything that asks a pen asks this. */
export interface PenTrack {
  readonly quantity: Quantity;
  readonly facts: PenFacts;
  /** By time. */
  readonly events: readonly PenEvent[];
  readonly checks: readonly PenCheck[];
  readonly bank: Bank;
  /** Nodes at which an event ends, by time; the beginning first. */
  readonly ends: readonly Node[];
  /** The first dip, and the last; absent without any. */
  readonly firstDipMs: number | undefined;
  readonly lastDipMs: number | undefined;
  readonly knownAt: (end: number) => KnownThen;
  /** The past as everything tells; worked out when first asked for. */
  readonly stretches: () => readonly Stretch[];
}

/** What the bank knew at a node. */
export function knownOf({ layout, model, walkVariances }: Bank, node: Node): KnownThen {
  const { levels, size } = layout;
  const weights = weightsOf(node.filters);
  const { mean, cov } = mixed(node.filters, weights, size);
  const rows = 2 * levels;
  const block = new Float64Array(rows * rows);
  for (let row = 0; row < rows; row += 1)
    for (let column = 0; column < rows; column += 1)
      block[row * rows + column] = cov[row * size + column]!;
  const weighed = (of: (at: number) => number) =>
    weights.reduce((sum, weight, at) => sum + weight * of(at), 0);
  return {
    atMs: node.atMs,
    level: mean[0]!,
    gain: levels > 1 ? mean[1]! : 0,
    levelPerDay: mean[levels]!,
    gainPerDay: levels > 1 ? mean[levels + 1]! : 0,
    cov: block,
    size: model.levels,
    standards: standardsShare(cov, layout),
    walkVariance: weighed((at) => walkVariances[at]!),
    jumpsPerDay: weighed((at) => node.filters[at]!.jumpsPerDay),
    dips: node.dips,
    weights,
  };
}

/** A pen's side from its facts; the way forward is walked at once, the way back when asked for. */
export function makePenTrack(facts: PenFacts): PenTrack {
  const events = [...facts.events].sort((a, b) => a.atMs - b.atMs);
  const bank = new BankWalk({ ...facts, events }).bank();
  const ends = bank.nodes.filter(({ ends: last }) => last);
  const known = new Map<number, KnownThen>();
  let past: readonly Stretch[] | undefined;
  const dipped = events.filter(
    (event) => event.kind === 'check' && event.found.length + event.left.length > 0,
  );
  return {
    quantity: facts.quantity,
    facts,
    events,
    checks: events.filter((event) => event.kind === 'check'),
    bank,
    ends,
    firstDipMs: dipped[0]?.atMs,
    lastDipMs: dipped.at(-1)?.atMs,
    knownAt: (end) => {
      const remembered = known.get(end);
      if (remembered) return remembered;
      const found = knownOf(bank, ends[end]!);
      known.set(end, found);
      return found;
    },
    stretches: () => (past ??= smooth(bank)),
  };
}

/** The last of a list by time at or before a moment; −1 before the first. */
function lastAtOrBefore(list: readonly { readonly atMs: number }[], atMs: number): number {
  let [low, high] = [0, list.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (list[middle]!.atMs <= atMs) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}

/** One covariance of two levels after some days: both take their rates along. */
function covarianceAfter({ cov, size }: KnownThen, days: number, row: number, column: number) {
  const rows = 2 * size;
  const [r, c] = [row + size, column + size];
  return (
    cov[row * rows + column]! +
    days * (cov[r * rows + column]! + cov[row * rows + c]! + days * cov[r * rows + c]!)
  );
}

/** The variance of the known levels some days on. */
function varianceAfter(known: KnownThen, days: number, walkShare: number): LevelVariance {
  const walk = known.walkVariance * days;
  const level = covarianceAfter(known, days, 0, 0) + walk;
  if (known.size < 2) return { level, shared: 0, gain: 0 };
  return {
    level,
    shared: covarianceAfter(known, days, 0, 1),
    gain: covarianceAfter(known, days, 1, 1) + walkShare * walk,
  };
}

/** The variance of the levels at the moment itself. */
function varianceThen({ cov, size }: KnownThen): LevelVariance {
  if (size < 2) return { level: cov[0]!, shared: 0, gain: 0 };
  return { level: cov[0]!, shared: cov[1]!, gain: cov[2 * size + 1]! };
}

/** The temperature of the newest cups at a moment. */
function cupsTempAt({ checks }: PenTrack, atMs: number): number | undefined {
  const at = lastAtOrBefore(checks, atMs);
  return checks[at]?.cupsTempC;
}

/** What is known of a pen some days after one of its moments, as known then. */
export function stateAfter(track: PenTrack, known: KnownThen, atMs: number): PenState {
  const { quantity } = track;
  const { model } = track.bank;
  const days = Math.max(0, (atMs - known.atMs) / DAY_MS);
  const level = known.level + days * known.levelPerDay;
  const gain = known.gain + days * known.gainPerDay;
  const seen = known.dips > 0;
  const broken = seen && isAbsurd({ quantity, level, gain });
  return {
    quantity,
    level,
    gain,
    standing: broken ? 'broken' : seen ? 'checked' : 'unverified',
    variance: varianceAfter(known, days, model.walkShares[1] ?? 0),
    atCheck: varianceThen(known),
    standards: known.standards,
    jump: {
      probability: 1 - Math.exp(-known.jumpsPerDay * days),
      variance: jumpedVariance(model, known.jumpsPerDay, days),
    },
    cupsTempC: cupsTempAt(track, atMs),
  };
}

/** What was known at `atMs` of the pen then, from everything before. Also what is known live. */
export function stateAsToldThen(track: PenTrack, atMs: number): PenState {
  const at = Math.max(0, lastAtOrBefore(track.ends, atMs));
  return stateAfter(track, track.knownAt(at), atMs);
}

const interpolate = (from: number, to: number, fraction: number) =>
  (1 - fraction) * from + fraction * to;

/** A bottle is off alike at both ends: its share goes as a line, its variance as the square of it. */
const squareOfLine = (a: number, b: number, fraction: number) =>
  interpolate(Math.sqrt(Math.max(0, a)), Math.sqrt(Math.max(0, b)), fraction) ** 2;

function standardsBetween(a: LevelVariance, b: LevelVariance, fraction: number): LevelVariance {
  return {
    level: squareOfLine(a.level, b.level, fraction),
    shared: interpolate(a.shared, b.shared, fraction),
    gain: squareOfLine(a.gain, b.gain, fraction),
  };
}

/** The covariance of a bridge: g²·V0 + f²·V1 + f·g·(C + Cᵀ + what was added on the way). */
function varianceBetween({ start, end, cross, added }: Stretch, f: number): LevelVariance {
  const g = 1 - f;
  const [v0, v1] = [start.variance, end.variance];
  const [ff, gg, fg] = [f * f, g * g, f * g];
  return {
    level: gg * v0.level + ff * v1.level + fg * (2 * cross[0] + added[0]),
    shared: gg * v0.shared + ff * v1.shared + fg * (cross[1] + cross[2]),
    gain: gg * v0.gain + ff * v1.gain + fg * (2 * cross[3] + added[1]),
  };
}

/** What is known of a moment inside a stretch: the bridge between its ends. */
export function bridged(track: PenTrack, stretch: Stretch, atMs: number): PenState {
  const { start, end, fromMs, toMs } = stretch;
  const f = Math.min(1, Math.max(0, (atMs - fromMs) / (toMs - fromMs)));
  const level = interpolate(start.level, end.level, f);
  const gain = interpolate(start.gain, end.gain, f);
  const { quantity } = track;
  return {
    quantity,
    level,
    gain,
    standing: isAbsurd({ quantity, level, gain }) ? 'broken' : 'checked',
    variance: varianceBetween(stretch, f),
    atCheck: start.variance.level <= end.variance.level ? start.variance : end.variance,
    standards: standardsBetween(start.standards, end.standards, f),
    cupsTempC: cupsTempAt(track, atMs) ?? track.checks[0]?.cupsTempC,
  };
}

/**
 * What is known now of the pen at `atMs`: bridged between the moments before and after it while a
 * later dip tells of it, else as known then from the newest moment before.
 */
export function stateAt(track: PenTrack, atMs: number): PenState {
  const { lastDipMs } = track;
  if (lastDipMs === undefined || atMs >= lastDipMs) return stateAsToldThen(track, atMs);
  const stretches = track.stretches();
  let [low, high] = [0, stretches.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (stretches[middle]!.toMs <= atMs) low = middle + 1;
    else high = middle;
  }
  const stretch = stretches[low];
  if (!stretch || atMs < stretch.fromMs) return stateAsToldThen(track, atMs);
  return bridged(track, stretch, atMs);
}
