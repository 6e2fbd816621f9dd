import {
  BELIEVED_TIMES,
  CARRY_SIGMA_PER_SQRT_DAY,
  CONTRADICTION_TAIL,
  FEED_FACTOR,
  IN_USE_CO2_SIGMA,
  SUSPECTED_LOG_WEIGHT,
  UNKNOWN_STRENGTH,
  WIDER,
  type Prior,
} from './constants';
import type { ReadingSeen, Session, Told } from './events';
import { coarse, joined, quantileIn, tailBeyond, type Mixture } from './mixture';
import { expectedOf, repeatVarianceOf } from './observe';
import { afterStep, airedPhAfter, reachOf, lookAt, stepOf, type Step, type Wanted } from './plan';
import type { Belief } from './belief';
import { beliefOf } from './replay';
import { priorFrom } from './told';

/** A belief with its share of all that is believed. */
interface Weighed {
  readonly belief: Belief;
  readonly weight: number;
}

/** All that is believed of a tank: tellings side by side, the likeliest first. Never empty. */
export type Beliefs = readonly Weighed[];

/** How a session is told beside what the book says. */
export interface Telling {
  /** A whole change is booked, but its EC does not witness it (or was not read). */
  readonly unwitnessed?: boolean | undefined;
  /** The readings contradicted what was told, and the grower took what fits. */
  readonly wider?: boolean | undefined;
}

/** How a tank is told that is only suspected to be in use. */
export const suspectedInUse = (feedMsPerCm: number): Told => ({
  kind: 'inUse',
  feedMsPerCm,
  factor: FEED_FACTOR.suspected,
  co2Sigma: IN_USE_CO2_SIGMA,
});

const widened = (told: Told): Told => {
  const factor = { median: told.factor.median, sigma: WIDER.feedSigma };
  return told.kind === 'fresh'
    ? { ...told, factor, alkalinitySigma: WIDER.alkalinitySigma }
    : { ...told, factor, co2Sigma: WIDER.co2Sigma };
};

/** The tellings of a session that are kept side by side. `wholeMsPerCm` is its EC when first read. */
export function tellingsOf(
  session: Session,
  { unwitnessed = false, wider = false }: Telling,
  wholeMsPerCm: number,
): readonly Session[] {
  const { told } = session;
  const logWeight = session.logWeight ?? 0;
  const beside = (other: Told, less: number): Session => ({
    ...session,
    told: other,
    logWeight: logWeight + less,
  });
  const fresh = told.kind === 'fresh';
  return [
    session,
    ...(fresh && unwitnessed ? [beside(suspectedInUse(wholeMsPerCm), SUSPECTED_LOG_WEIGHT)] : []),
    ...(wider ? [beside(widened(told), WIDER.logWeight)] : []),
    ...(wider && fresh ? [beside(suspectedInUse(wholeMsPerCm), WIDER.inUseLogWeight)] : []),
  ];
}

/**
 * Beliefs of a session by all its tellings. A telling that cannot be falls out; where none can be, a
 * fresh fill is taken for a feed in use. Undefined before the first reading.
 */
export function beliefsOf(tellings: readonly Session[], wholeMsPerCm: number): Beliefs | undefined {
  let beliefs = tellings.flatMap((session) => beliefOf(session) ?? []);
  if (beliefs.length === 0 && tellings[0]) {
    const last = beliefOf({ ...tellings[0], told: suspectedInUse(wholeMsPerCm) });
    if (!last) return undefined;
    beliefs = [last];
  }
  const top = Math.max(...beliefs.map(({ logEvidence }) => logEvidence));
  const raw = beliefs.map(({ logEvidence }) => Math.exp(logEvidence - top));
  const sum = raw.reduce((total, weight) => total + weight, 0);
  return beliefs
    .map((belief, at) => ({ belief, weight: raw[at]! / sum }))
    .sort((a, b) => b.weight - a.weight);
}

/** Those that are not so much less likely than the best. */
const heldTo = (beliefs: Beliefs): Beliefs =>
  beliefs.filter(({ weight }) => weight * BELIEVED_TIMES >= beliefs[0]!.weight);

/** A step that all beliefs bear: the smallest of theirs; in all by the likeliest. */
export function stepByAll(beliefs: Beliefs, wanted: Wanted): Step {
  const steps = heldTo(beliefs).map(({ belief }) => stepOf(belief, wanted));
  const least = steps.reduce((small, step) => (step.perL < small.perL ? step : small));
  const inAllPerL = Math.max(steps[0]!.inAllPerL, least.perL);
  const grows = least.perL < steps[0]!.perL && least.limitedBy === 'aim';
  // The likeliest would pour on: another belief's aim holds it, and that is its far edge to this one.
  return { ...least, inAllPerL, limitedBy: grows ? 'farEdge' : least.limitedBy };
}

const readerFor = (reading: Pick<ReadingSeen, 'digitPh'>) => ({
  variance: repeatVarianceOf(reading.digitPh),
  withOffset: true,
});

const all = (beliefs: Beliefs, of: (belief: Belief) => Mixture): Mixture =>
  joined(beliefs.map(({ belief, weight }) => ({ mixture: of(belief), weight })));

/** What is expected to be read after a step, by all beliefs. */
export const expectedAfter = (
  beliefs: Beliefs,
  wanted: Wanted,
  { perL, airedMs, digitPh }: { perL: number; airedMs: number; digitPh: number },
): Mixture =>
  all(beliefs, (belief) =>
    afterStep(belief, wanted, { perL, airedMs, reader: readerFor({ digitPh }) }),
  );

/** What is expected to be read now, by all beliefs. */
export const expectedNow = (beliefs: Beliefs, digitPh: number): Mixture =>
  all(beliefs, ({ nodes, table }) => expectedOf(nodes, table, readerFor({ digitPh })));

/** Whether a second, agreeing reading contradicts what was expected of it. */
export const contradicts = (expected: Mixture, ph: number) =>
  tailBeyond(expected, ph) < CONTRADICTION_TAIL;

/** Where the likeliest tank stands once aired, after a step. */
export const airedAfter = (beliefs: Beliefs, wanted: Wanted, perL: number) =>
  airedPhAfter(beliefs[0]!.belief, wanted, perL);

/** How much brings the tank to a pH, for a drawing: 2.5, 50 and 97.5 % of what is believed. */
export function amountsTo(beliefs: Beliefs, wanted: Wanted, ph: number) {
  const mixture = coarse(all(beliefs, (belief) => reachOf(lookAt(belief, wanted), () => ph)));
  return [0.025, 0.5, 0.975].map((share) => quantileIn(mixture, share)) as [number, number, number];
}

/** How much moves it by so much pH from where it stands, as likely as not, with 95 %. */
export function amountsToMove(beliefs: Beliefs, wanted: Wanted, byPh: number) {
  const mixture = all(beliefs, (belief) =>
    reachOf(lookAt(belief, wanted), (node) => belief.nodes.ph[node]! + byPh),
  );
  return [0.025, 0.5, 0.975].map((share) => quantileIn(mixture, share)) as [number, number, number];
}

/** What a session leaves for the next of the same feed: the factor, less sure by the days between. */
export function carriedFactor(
  beliefs: Beliefs,
  { days, prior }: { readonly days: number; readonly prior: Prior },
): Prior {
  const fed = beliefs.filter(({ belief }) => !belief.unfed);
  if (fed.length === 0) return prior;
  const weights = fed.reduce((sum, { weight }) => sum + weight, 0);
  const parts = fed.map(({ belief, weight }) => {
    const { median, sigma } = priorFrom(belief.nodes, belief.nodes.factor);
    return { weight: weight / weights, mean: Math.log(median), sigma };
  });
  const mean = parts.reduce((sum, part) => sum + part.weight * part.mean, 0);
  const variance = parts.reduce(
    (sum, part) => sum + part.weight * (part.sigma ** 2 + (part.mean - mean) ** 2),
    0,
  );
  const grown = Math.sqrt(variance + CARRY_SIGMA_PER_SQRT_DAY ** 2 * Math.max(0, days));
  return { median: Math.exp(mean), sigma: Math.min(grown, prior.sigma) };
}

/** What a session leaves of a product's strength, for its next tank. */
export function carriedStrength(beliefs: Beliefs): Prior | undefined {
  const { belief } = beliefs[0]!;
  if (belief.unknownId === undefined) return undefined;
  const { median, sigma } = priorFrom(belief.nodes, belief.nodes.strength);
  return { median, sigma: Math.max(sigma, UNKNOWN_STRENGTH.leastSigma) };
}
