import { DAY_MS } from '../../src/core/units';
import { phDip, type Dip } from '../../src/core/calibration';
import {
  dueByDriftMs,
  makePenTrack,
  stateAsToldThen,
  stateAt,
  type PenCheck,
  type PenTrack,
} from '../../src/core/drift';
import { lookBack } from '../../src/core/look-back';
import { assessQuick, judgedVerdict } from '../../src/core/readings';
import { normalDraw, seededRandom } from '../../src/core/statistics';
import { fitApproach } from '../../src/core/stillness';
import { VERDICTS } from '../../src/core/verdict';
import { exponent, timed } from './measure';
import { assessNaively } from './naive';

const PEN = { resolutionPh: 0.01, hasAtc: true };
const BAND = { low: 5.5, high: 6.5 };

/** A cup of 7.00 or 4.01 at 20 °C. */
function cup(nominalPh: 7 | 4.01, off: number): Dip {
  const kind = nominalPh === 7 ? 'technical-7.00' : 'phthalate-4.01';
  const truePh = nominalPh === 7 ? 7.02 : 4.002;
  const dip = phDip({
    buffer: { kind, nominalPh },
    tolerancePh: 0.02,
    tempC: 20,
    shownPh: truePh + off,
    resolutionPh: 0.01,
    hasAtc: true,
  });
  if (!dip.ok) throw new Error('the cup is off its table');
  return dip.value;
}

/** So many weekly checks of a pen that drifts and is adjusted each time. */
function checksOf(count: number): PenCheck[] {
  const random = seededRandom(11);
  return Array.from({ length: count }, (_, week) => {
    const [offset, gain] = [0.05 * normalDraw(random), -0.005 * random()];
    return {
      kind: 'check',
      atMs: week * 7 * DAY_MS,
      found: [cup(7, offset), cup(4.01, offset - 3 * gain)],
      adjusted: { offset: true, gain: true, bend: false },
      left: [cup(7, 0.01 * normalDraw(random)), cup(4.01, 0.01 * normalDraw(random))],
      afterCleaning: false,
      cupsTempC: 20,
    };
  });
}

const trackOf = (events: readonly PenCheck[]): PenTrack =>
  makePenTrack({ quantity: 'ph', accuracy: 0.1, repeatStdU: 0.015, firstUseMs: 0, events });

/** Readings spread over the time of the checks. */
function readingsOf(count: number, checks: readonly PenCheck[]) {
  const random = seededRandom(12);
  const endMs = checks.at(-1)!.atMs;
  return Array.from({ length: count }, (_, at) => ({
    atMs: (endMs * at) / count,
    shownPh: 5.3 + 1.4 * random(),
  }));
}

type Readings = ReturnType<typeof readingsOf>;

/** A reading judged by a state of its pen. */
function judged(shownPh: number, state: ReturnType<typeof stateAt>) {
  const read = assessQuick({ quantity: 'ph', shown: shownPh, tempC: 20, pen: PEN, state });
  if (!read.ok) throw new Error('a pH is never refused');
  const { value, expandedU } = read.value;
  return { value, expandedU, verdict: judgedVerdict(read.value, BAND) };
}

/** Corrects and judges all readings, the pen's whole past worked out first; a checksum. */
function judgeAll(checks: readonly PenCheck[], readings: Readings): number {
  const track = trackOf(checks);
  let sum = 0;
  for (const { atMs, shownPh } of readings) {
    const { value, verdict } = judged(shownPh, stateAt(track, atMs));
    sum += value + VERDICTS.indexOf(verdict);
  }
  return sum;
}

/** The look-back over readings, each as it was told then and as it is known now. */
function lookBackAll(checks: readonly PenCheck[], readings: Readings): number {
  const track = trackOf(checks);
  const rows = readings.map(({ atMs, shownPh }, at) => {
    const then = judged(shownPh, stateAsToldThen(track, atMs));
    const now = judged(shownPh, stateAt(track, atMs));
    return { id: String(at), atMs, then, now, aim: 6, dosed: at % 10 === 0 };
  });
  const { turnedCount, wrongDoseCount } = lookBack(rows);
  return turnedCount + wrongDoseCount / 1000;
}

const RULE = { lever: -1, tolerance: { low: -0.05, high: 0.05 } };

/** Pens with a year of weekly checks, walked forward: what is known of each now. */
function walkForward(pens: number, checks: readonly PenCheck[]): number {
  let sum = 0;
  for (let pen = 0; pen < pens; pen += 1) {
    const track = trackOf(checks);
    sum += track.knownAt(track.ends.length - 1).level;
  }
  return sum;
}

/** Due dates of so many pens, each with a year of weekly checks. */
function dueDates(pens: number, checks: readonly PenCheck[]): number {
  let sum = 0;
  for (let pen = 0; pen < pens; pen += 1) sum += dueByDriftMs(trackOf(checks), RULE)!;
  return sum / DAY_MS;
}

function stillnessFit(samples: number): number {
  const random = seededRandom(3);
  const dip = Array.from({ length: samples }, (_, atS) => ({
    atS: atS / 5,
    shown: 4.01 + 2.99 * Math.exp(-atS / 150) + 0.005 * normalDraw(random),
  }));
  const fit = fitApproach(dip, 0.01);
  return fit.ok ? fit.value.endValue + fit.value.tauS : NaN;
}

/** Prints what the core takes, beside a straightforward uncached way, and how it scales. */
export function benchCore(): void {
  const checks = checksOf(500);
  const big = readingsOf(100_000, checks);
  const small = readingsOf(10_000, checks);
  console.log('\nThe core, medians');
  const all = timed(() => judgeAll(checks, big));
  const tenth = timed(() => judgeAll(checks, small));
  const naive = timed(() => assessNaively(trackOf(checks), small, { pen: PEN, band: BAND }), 3);
  const same = Math.abs(naive.result - tenth.result) < 1e-6 * Math.abs(naive.result);
  console.log(
    `  100,000 readings against 500 checks: ${all.ms.toFixed(0)} ms (aim 400), checksum ${all.result.toFixed(4)}, exponent ${exponent(tenth.ms, all.ms)} (limit 1.1)`,
  );
  console.log(
    `  10,000 of them uncached: ${naive.ms.toFixed(0)} ms against ${tenth.ms.toFixed(1)} ms; ${same ? 'the same checksum' : 'CHECKSUMS DIFFER'}`,
  );
  const back = timed(() => lookBackAll(checks, big));
  const backTenth = timed(() => lookBackAll(checks, small));
  console.log(
    `  look-back over 100,000: ${back.ms.toFixed(0)} ms, checksum ${back.result.toFixed(3)}, exponent ${exponent(backTenth.ms, back.ms)}`,
  );
  console.log(`    (aim: under 1,000 ms)`);
  const year = checksOf(52);
  const walk = timed(() => walkForward(50, year));
  const walkMore = timed(() => walkForward(500, year), 3);
  console.log(
    `  50 pens with 52 checks each, forward: ${walk.ms.toFixed(0)} ms (aim 300), checksum ${walk.result.toFixed(4)}, exponent ${exponent(walk.ms, walkMore.ms)}`,
  );
  const due = timed(() => dueDates(50, year));
  console.log(
    `  their due dates besides: ${(due.ms - walk.ms).toFixed(0)} ms, checksum ${due.result.toFixed(2)}`,
  );
  const fit = timed(() => stillnessFit(600), 15);
  const fitTen = timed(() => stillnessFit(6000), 15);
  console.log(
    `  stillness fit of 600 samples: ${fit.ms.toFixed(2)} ms (aim 2), checksum ${fit.result.toFixed(4)}, exponent ${exponent(fit.ms, fitTen.ms)}`,
  );
  if (!same) throw new Error('the fast way and the plain way disagree');
}
