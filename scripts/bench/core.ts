import { fitPhAnchor, phErrorAt, shownPhFor, type PhMap } from '../../src/core/calibration';
import {
  DAY_MS,
  dueByDriftMs,
  makePhTrack,
  phPenStateAt,
  type PhCheck,
} from '../../src/core/drift';
import { lookBack } from '../../src/core/look-back';
import { assessPhQuick } from '../../src/core/readings';
import { normalDraw, seededRandom } from '../../src/core/statistics';
import { fitApproach } from '../../src/core/stillness';
import { VERDICTS, verdictOf } from '../../src/core/verdict';
import { exponent, timed } from './measure';
import { assessNaively } from './naive';

const PEN = { resolutionPh: 0.01, accuracyPh: 0.1, hasAtc: true };
const BAND = { low: 5.5, high: 6.5 };

/** So many weekly checks of a pen that drifts and is adjusted each time. */
function checksOf(count: number): PhCheck[] {
  const random = seededRandom(11);
  const anchor = (map: PhMap) =>
    fitPhAnchor(
      [7, 4].map((truePh) => ({
        truePh,
        shownPh: shownPhFor(truePh, map),
        standardStdU: 0.0115,
        digitStdU: 0.0029,
        temperatureStdU: 0.001,
      })),
      { tempC: 20 },
    );
  return Array.from({ length: count }, (_, week) => ({
    atMs: week * 7 * DAY_MS,
    found: anchor({ offsetPh: 0.05 * normalDraw(random), gain: 1 - 0.005 * random() }),
    left: anchor({ offsetPh: 0.01 * normalDraw(random), gain: 1 }),
  }));
}

/** Readings spread over the time of the checks. */
function readingsOf(count: number, checks: readonly PhCheck[]) {
  const random = seededRandom(12);
  const endMs = checks.at(-1)!.atMs;
  return Array.from({ length: count }, (_, at) => ({
    atMs: (endMs * at) / count,
    shownPh: 5.3 + 1.4 * random(),
  }));
}

type Readings = ReturnType<typeof readingsOf>;

/** Corrects and judges all readings; a checksum over values and verdicts. */
function judgeAll(checks: readonly PhCheck[], readings: Readings): number {
  const track = makePhTrack(checks);
  let sum = 0;
  for (const { atMs, shownPh } of readings) {
    const state = phPenStateAt(track, atMs);
    const { value, stdU, verified } = assessPhQuick({ shownPh, tempC: 20, pen: PEN, state });
    sum += value + VERDICTS.indexOf(verdictOf(value, stdU, BAND, { firm: verified }));
  }
  return sum;
}

/** The look-back over readings, each judged as it was and as it is. */
function lookBackAll(checks: readonly PhCheck[], readings: Readings): number {
  const track = makePhTrack(checks);
  const rows = readings.map(({ atMs, shownPh }, at) => {
    const state = phPenStateAt(track, atMs);
    const { value, stdU } = assessPhQuick({ shownPh, tempC: 20, pen: PEN, state });
    const now = { value, expandedU: 2 * stdU, verdict: verdictOf(value, stdU, BAND) };
    const verdict = verdictOf(shownPh, 0.04, BAND);
    const then = { value: shownPh, expandedU: 0.08, verdict };
    return { id: String(at), atMs, then, now, aim: 6, dosed: at % 10 === 0 };
  });
  const { turnedCount, wrongDoseCount } = lookBack(rows);
  return turnedCount + wrongDoseCount / 1000;
}

/** Due dates of so many pens, each with a year of weekly checks. */
function dueDates(pens: number): number {
  let sum = 0;
  for (let pen = 0; pen < pens; pen += 1) {
    const track = makePhTrack(checksOf(52));
    const last = track.checks.at(-1)!;
    const { offset, gain } = track.ratesAfter(51);
    sum += dueByDriftMs({
      lastCheckMs: last.atMs,
      residual: phErrorAt(6, last.left.map) / 5,
      tolerance: 0.05,
      rates: [
        { rate: offset, lever: 1 },
        { rate: gain, lever: -1 },
      ],
    });
  }
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
  const naive = timed(() => assessNaively(checks, small, { pen: PEN, band: BAND }), 3);
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
  const due = timed(() => dueDates(50));
  const dueTen = timed(() => dueDates(500), 3);
  console.log(
    `  due dates of 50 pens with 52 checks each: ${due.ms.toFixed(1)} ms, checksum ${due.result.toFixed(2)}, exponent ${exponent(due.ms, dueTen.ms)}`,
  );
  const fit = timed(() => stillnessFit(600), 15);
  const fitTen = timed(() => stillnessFit(6000), 15);
  console.log(
    `  stillness fit of 600 samples: ${fit.ms.toFixed(2)} ms (aim 2), checksum ${fit.result.toFixed(4)}, exponent ${exponent(fit.ms, fitTen.ms)}`,
  );
  if (!same) throw new Error('the fast way and the plain way disagree');
}
