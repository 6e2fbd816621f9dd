import type { PenAnswer } from '@/book/answers';
import {
  CAP_STEP_PH,
  FIRST_STEP_KNOWN,
  dropMlFrom,
  jarTestDose,
  type JarRefusal,
  type JarResult,
} from '@/core/dosing';
import { assessPh } from '@/core/readings';
import type { Result } from '@/core/result';
import { sideOf } from '@/features/read/readModel';
import type { JarTest } from '@/records/kinds';
import { parseDecimal, type Formats } from '@/words';

/** A row of the guided test, as typed. */
export interface JarRow {
  readonly drops: string;
  readonly ph: string;
}

/** How the test is set up, as typed. */
export interface JarSetup {
  readonly sampleL: string;
  readonly dilution: string;
  /** Drops counted in one mL of this dropper. */
  readonly dropsInMl: string;
}

const numberOf = (typed: string) => {
  const parsed = parseDecimal(typed);
  return parsed.ok ? parsed.value : NaN;
};

/** The rows that hold both numbers. */
export function jarPoints(rows: readonly JarRow[]): JarTest['points'] {
  return rows.flatMap(({ drops, ph }) => {
    const point = { drops: numberOf(drops), ph: numberOf(ph) };
    const real = point.drops >= 0 && point.ph >= 0 && point.ph <= 14;
    return real ? [point] : [];
  });
}

/** What the pen showed, corrected by what is known of it now. */
export function truePh(shownPh: number, pen: PenAnswer | undefined): number {
  const side = sideOf(pen, 'ph');
  if (!pen?.body.ph || !side) return shownPh;
  return assessPh({ shownPh, pen: pen.body.ph, state: side.state }).value;
}

interface Input {
  readonly setup: JarSetup;
  readonly rows: readonly JarRow[];
  readonly pen: PenAnswer | undefined;
  readonly aimPh: number;
  readonly tankVolumeL: number;
}

/** The set-up in numbers; the core refuses what cannot be. */
export function jarNumbers({ sampleL, dilution, dropsInMl }: JarSetup) {
  const drops = numberOf(dropsInMl);
  const countable = drops >= 5 && drops <= 100;
  return {
    sampleL: numberOf(sampleL),
    dilution: numberOf(dilution),
    dropMl: countable ? dropMlFrom(drops) : NaN,
  };
}

/** What the test says of the whole tank: readings corrected for the pen's error first. */
export function jarResult(input: Input): Result<JarResult, JarRefusal> {
  const { setup, rows, pen, aimPh, tankVolumeL } = input;
  const points = jarPoints(rows).map(({ drops, ph }) => ({ drops, ph: truePh(ph, pen) }));
  return jarTestDose({ ...jarNumbers(setup), points }, { aimPh, tankVolumeL });
}

/** Why the test tells no dose yet. */
export function jarRefusalWords(refusal: JarRefusal, formats: Formats): string {
  switch (refusal.reason) {
    case 'tooFewPoints':
      return `${refusal.count} of at least ${refusal.needed} readings. The first is the sample as it is, with no drops.`;
    case 'aimNotReached':
      return `Down to ${formats.number(refusal.reachedPh, 2)} so far; go on until it passes ${formats.number(refusal.aimPh, 1)}.`;
    case 'badSetup':
      return 'The set-up is not complete: sample, dilution and 5 to 100 drops in a mL.';
  }
}

/** What to be careful about with this test. */
export const JAR_WARNING = {
  smallSample: 'Under half a litre one drop is a large step: a litre tells more.',
  largeScale: 'The tank is over a thousand times the sample: every drop counts so often.',
  notMonotone: 'Some readings went the wrong way; they were averaged with their neighbours.',
} as const satisfies Record<JarResult['warnings'][number], string>;

/** Predicted pH after a share of the dose: read off the test's own curve. */
export function jarPhAt(
  rows: readonly JarRow[],
  pen: PenAnswer | undefined,
  drops: number,
): number | undefined {
  const points = jarPoints(rows)
    .map((point) => ({ ...point, ph: truePh(point.ph, pen) }))
    .sort((a, b) => a.drops - b.drops);
  const at = points.findIndex((point) => point.drops >= drops);
  const [from, to] = [points[at - 1], points[at]];
  if (!to) return undefined;
  if (!from) return to.ph;
  const share = (drops - from.drops) / Math.max(1e-9, to.drops - from.drops);
  return from.ph + share * (to.ph - from.ph);
}

/**
 * The share of the whole dose to pour first: four fifths, and no more than the test's own curve lets
 * the tank move in one step.
 */
export function jarFirstShare(
  rows: readonly JarRow[],
  pen: PenAnswer | undefined,
  drops: number,
): number {
  const start = jarPhAt(rows, pen, 0);
  const moves = (share: number) => Math.abs((jarPhAt(rows, pen, share * drops) ?? NaN) - start!);
  let share = FIRST_STEP_KNOWN;
  while (share > 0.01 && !(moves(share) <= CAP_STEP_PH)) share -= 0.01;
  return share;
}
