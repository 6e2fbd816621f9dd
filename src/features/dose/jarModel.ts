import type { DoseAnswer, PenAnswer } from '@/book/answers';
import type { Reagent } from '@/core/chemistry';
import { dropMlFrom, planJar, type JarPlan, type JarPlanRefusal } from '@/core/dosing';
import { assess, judgeTank } from '@/core/readings';
import type { Result } from '@/core/result';
import { sideOf } from '@/features/read/readModel';
import type { JarTest } from '@/records/kinds';
import { parseDecimal } from '@/words';
import { factsOf } from './doseModel';

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
