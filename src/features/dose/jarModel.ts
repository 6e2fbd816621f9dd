import type { DoseAnswer, PenAnswer } from '@/book/answers';
import type { Reagent } from '@/core/chemistry';
import {
  dropMlFrom,
  planJar,
  type EarlyRefusal,
  type JarPlan,
  type JarPlanRefusal,
  type JarResult,
} from '@/core/dosing';
import { assess, judgeTank } from '@/core/readings';
import type { Result } from '@/core/result';
import { sideOf } from '@/features/read/readModel';
import type { JarTest } from '@/records/kinds';
import { counted, parseDecimal, type Formats } from '@/words';
import { factsOf } from './doseModel';
import { refusalWords } from '@/words/dose/doseWords';

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

/** What the pen showed, with its known error off and its ±; undefined without a pen that knows. */
function assessed(shownPh: number, { pen, answer }: Pick<JarInput, 'pen' | 'answer'>) {
  const side = sideOf(pen, 'ph');
  if (!pen?.body.ph || !side) return undefined;
  const tempC = answer.reading?.tempC;
  const { state, repeatStdU } = side;
  const shown = { shown: shownPh, tempC, state, repeatStdU };
  const read = assess({ quantity: 'ph', pen: pen.body.ph, ...shown });
  return read.ok ? read.value : undefined;
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

/** All that a jar test's dose depends on. */
export interface JarInput {
  readonly answer: DoseAnswer;
  readonly setup: JarSetup;
  readonly rows: readonly JarRow[];
  readonly pen: PenAnswer | undefined;
  readonly reagent: Reagent;
  readonly aimPh: number;
  readonly sampledMs: number;
  readonly chasingAccepted: boolean;
  readonly nowMs: number;
}

/** What to pour now by this test: readings corrected for the pen's error first. */
export function jarPlan(input: JarInput): Result<JarPlan, JarPlanRefusal> {
  const { answer, setup, rows } = input;
  const { tank, reading, lastDose } = answer;
  const points = jarPoints(rows).flatMap(({ drops, ph }) => {
    const read = assessed(ph, input);
    return read ? [{ drops, ph: read.value, read }] : [];
  });
  const start = points.find(({ drops }) => drops === 0)?.read;
  const ecMsPerCm = reading?.ec?.judged?.value;
  return planJar({
    ...input,
    lastDose,
    jar: { ...jarNumbers(setup), points },
    tankVolumeL: factsOf(answer).volumeL,
    band: tank.body.phBand,
    verdict: start && judgeTank(start, tank.body.phBand, ecMsPerCm).verdict,
    phStdU: start?.budget.stdU ?? NaN,
  });
}

/** Why the test tells no dose yet, and the way on. */
export function jarRefusalWords(
  refusal: JarPlanRefusal,
  formats: Formats,
): { readonly what: string; readonly wayOn: string } {
  switch (refusal.reason) {
    case 'tooFewPoints':
      return {
        what: `${refusal.count} of at least ${counted(refusal.needed, 'reading')}.`,
        wayOn: 'The first is the sample as it is, with no drops.',
      };
    case 'noStart':
      return {
        what: 'The sample as it was is missing.',
        wayOn: 'One row has 0 drops: the pH before the first.',
      };
    case 'aimNotReached':
      return {
        what: `${formats.number(refusal.reachedPh, 2)} so far.`,
        wayOn: `Go on until it passes ${formats.number(refusal.aimPh, 1)}.`,
      };
    case 'badSetup':
      return {
        what: 'The set-up is not complete.',
        wayOn: 'Sample, dilution and 5 to 100 drops in a mL.',
      };
    case 'sampleTooOld':
      return refusal.dosedSince
        ? {
            what: 'The tank was dosed since, or was still mixing then.',
            wayOn: 'This sample no longer stands for it: take a new one.',
          }
        : {
            what: 'This sample has stood for over two hours.',
            wayOn: 'It has aired; the tank has changed. Take a new one.',
          };
    case 'stepsTooLarge':
      return {
        what: 'The first drops moved it further than one step may.',
        wayOn: 'Begin again with a new sample and fewer drops at a time, or dilute further.',
      };
    default:
      return refusalWords(refusal satisfies EarlyRefusal, formats);
  }
}

/** What to be careful about with this test. */
export const JAR_WARNING = {
  smallSample: 'Under half a litre one drop is a large step: a litre tells more.',
  largeScale: 'The tank is over a thousand times the sample: every drop counts so often.',
  notMonotone: 'Some readings went the wrong way; they were averaged with their neighbours.',
} as const satisfies Record<JarResult['warnings'][number], string>;

/** Said where the test's own readings keep the first step small. */
export const JAR_STEP_WORDS =
  'Kept to less than one pH, by the reading after it: fewer drops between readings allow more.';
