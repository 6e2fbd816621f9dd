import { MINUTE_MS } from '../units';
import { answer, refuse, type Result } from '../result';
import { COVERAGE_FACTOR } from '../uncertainty';
import type { Band, Verdict } from '../verdict';
import {
  CAP_JAR_WORST_PH,
  CAP_STEP_PH,
  FIRST_STEP_KNOWN,
  JAR_DOSE_HIGH,
  JAR_SAMPLE_MINUTES,
} from './constants';
import {
  jarTestDose,
  type JarPoint,
  type JarRefusal,
  type JarResult,
  type JarTest,
} from './jarDose';
import { largestWithin } from './largestWithin';
import { pourOfDilution, productMlOf, type Pour } from './pourable';
import { refusalBefore, type DoseCircumstances, type EarlyRefusal } from './refusalBefore';

/** A jar test with all that decides whether, and how much of, its dose is poured. */
export interface JarPlanInput extends Omit<DoseCircumstances, 'verdict'> {
  /** Its readings are true pH: each pen's known error taken off. */
  readonly jar: JarTest;
  readonly aimPh: number;
  readonly tankVolumeL: number;
  readonly band: Band;
  /** Of the sample as it was, at no drops; undefined until it was read. */
  readonly verdict: Verdict | undefined;
  /** Standard uncertainty of that reading, pH. */
  readonly phStdU: number;
  /** When the sample was taken. */
  readonly sampledMs: number;
}

/** What to pour now by a jar test, and what it does. */
export interface JarPlan extends JarResult {
  /** Of the product itself, in what is poured. */
  readonly firstMl: number;
  /** As it is, or in mL or drops of the very dilution of the test. */
  readonly pour: Pour;
  /** Right after mixing, read off the test's own curve. */
  readonly afterPh: number;
  readonly limitedBy: 'firstStep' | 'stepPh' | 'farEdge';
}

/** Why a jar test gives no dose to pour. */
export type JarPlanRefusal =
  | JarRefusal
  | EarlyRefusal
  /** The tank was dosed, or still mixing, after the sample was taken; or it has stood too long. */
  | { readonly reason: 'sampleTooOld'; readonly dosedSince: boolean }
  /** The first few drops moved more than a step may: where between them, nobody knows. */
  | { readonly reason: 'stepsTooLarge' };

/** Linear between the points; the last segment is extended beyond them. */
function phAt(line: readonly JarPoint[], drops: number): number {
  const at = line.findIndex((point) => point.drops >= drops);
  if (at < 0) return line.at(-1)!.ph;
  const [from, to] = [line[at - 1], line[at]!];
  if (!from) return to.ph;
  return from.ph + ((drops - from.drops) / (to.drops - from.drops)) * (to.ph - from.ph);
}

/** The pH such a dose cannot pass: the first reading at or beyond it, with all it may be too much. */
const worstPhAt = (line: readonly JarPoint[], drops: number) =>
  (line.find((point) => point.drops >= JAR_DOSE_HIGH * drops) ?? line.at(-1)!).ph;

/**
 * How much to pour now by a jar test: four fifths of what reaches the aim, and no more than moves
 * the sample by 0.8 pH on its own curve, nor, with dropper, dilution and litre all too generous, by
 * 0.95 pH, nor past the band's far edge at the pen's 95 % bound. Between two readings the curve may
 * bend as it likes, so the further one counts. Refuses as any dose is refused, and where the sample
 * no longer stands for the tank or its first drops already moved more than a step may.
 */
export function planJar(input: JarPlanInput): Result<JarPlan, JarPlanRefusal> {
  const { verdict, lastDose, band, sampledMs, nowMs, aimPh, tankVolumeL, jar } = input;
  const early = verdict && refusalBefore({ ...input, verdict });
  if (early) return refuse(early);
  const dosedSince = lastDose !== undefined && lastDose.mixedMs > sampledMs;
  if (dosedSince || nowMs - sampledMs > MINUTE_MS * JAR_SAMPLE_MINUTES)
    return refuse({ reason: 'sampleTooOld', dosedSince });
  const result = jarTestDose(jar, { aimPh, tankVolumeL });
  if (!result.ok) return result;
  const { drops, doseMl, line } = result.value;
  const startPh = jar.points.find((point) => point.drops === 0)!.ph;
  const falling = aimPh < startPh;
  const reach = COVERAGE_FACTOR * input.phStdU;
  const rules = [
    {
      name: 'stepPh',
      keeps: (x: number) =>
        Math.abs(phAt(line, x) - startPh) <= CAP_STEP_PH &&
        Math.abs(worstPhAt(line, x) - startPh) <= CAP_JAR_WORST_PH,
    },
    {
      name: 'farEdge',
      keeps: (x: number) =>
        falling ? worstPhAt(line, x) - reach >= band.low : worstPhAt(line, x) + reach <= band.high,
    },
  ] as const;
  let first = FIRST_STEP_KNOWN * drops;
  let limitedBy: JarPlan['limitedBy'] = 'firstStep';
  for (const { name, keeps } of rules) {
    if (keeps(first)) continue;
    first = largestWithin(first, keeps);
    limitedBy = name;
  }
  const asked = (doseMl * first) / drops;
  const pour = pourOfDilution(asked, { parts: jar.dilution, dropMl: jar.dropMl });
  if (!(first > 0) || pour.kind === 'tooSmall') return refuse({ reason: 'stepsTooLarge' });
  const firstMl = productMlOf(pour, asked);
  const afterPh = phAt(line, (drops * firstMl) / doseMl);
  return answer({ ...result.value, firstMl, pour, afterPh, limitedBy });
}
