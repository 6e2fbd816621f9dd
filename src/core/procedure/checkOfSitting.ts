import { ecDip, phDip, type Dip } from '../calibration';
import type { Adjusted, PenCheck } from '../drift';
import type { OutOfRange, Result } from '../result';
import { ecMsPerCmFromDisplay } from '../units';
import { dipReading, type BenchEvent, type DipPhase } from './benchEvents';
import { cupTarget, cupTempC, type BenchPlan, type Cup } from './benchPlan';
import { dialOf } from './dialOf';

/** How a pen is adjusted: what its buttons, dials or screw can set. */
export type AdjustedBy = 'button' | 'steps' | 'screw' | 'dials' | 'none';

/** A sitting with what of the pen decides what it tells. */
export interface Sitting {
  readonly plan: BenchPlan;
  readonly events: readonly BenchEvent[];
  readonly atMs: number;
  readonly afterCleaning: boolean;
  readonly hasAtc: boolean;
  readonly by: AdjustedBy;
}

/** What was shown in a cup, or that nobody saw it. */
interface ShownIn {
  readonly shown: number;
  readonly unseen?: boolean;
}

/** What of a plan a single dip depends on. */
export type CupPlan = Pick<BenchPlan, 'tempC' | 'resolution' | 'scale' | 'compensation'>;

/** A value shown in a cup as the model of the pen takes it. */
export function dipIn(
  { plan, hasAtc }: { readonly plan: CupPlan; readonly hasAtc: boolean },
  cup: Cup,
  { shown, unseen }: ShownIn,
): Result<Dip, OutOfRange> {
  const common = { tempC: cupTempC(plan, cup), lotKey: cup.lotId, unseen };
  if (cup.quantity === 'ph') {
    const { buffer, tolerancePh } = cup;
    const resolutionPh = plan.resolution;
    return phDip({ ...common, buffer, tolerancePh, shownPh: shown, resolutionPh, hasAtc });
  }
  const scale = plan.scale ?? 'mS/cm';
  return ecDip({
    ...common,
    standard: cup.standard,
    toleranceRel: cup.toleranceRel,
    shownMsPerCm: ecMsPerCmFromDisplay(shown, scale),
    resolutionMsPerCm: ecMsPerCmFromDisplay(plan.resolution, scale),
    compensation: plan.compensation ?? null,
  });
}

/** The value that counts for a cup in these phases: the first of them that was read. */
function readIn(events: readonly BenchEvent[], cup: Cup, phases: readonly DipPhase[]) {
  for (const phase of phases) {
    const { reading } = dipReading(events, phase, cup.id);
    if (reading) return { shown: reading.shown };
  }
  return undefined;
}

/** What a cup showed as left; what the pen stores where nobody saw it. */
function leftIn({ plan, events }: Sitting, cup: Cup): ShownIn | undefined {
  const read = readIn(events, cup, ['confirm', 'asLeft']);
  if (read) return read;
  if (dipReading(events, 'asLeft', cup.id).unseen === undefined) return undefined;
  const at = cupTarget(plan, cup);
  return at.ok ? { shown: at.value.target, unseen: true } : undefined;
}

const isNeutral = (cup: Cup) => dialOf(cup) === 'zero';

/** What was set, from the cups that were adjusted and the way the pen is. */
function adjustedBy({ plan, by }: Sitting, cups: readonly Cup[]): Adjusted {
  if (plan.quantity === 'ec') return { offset: true, gain: false, bend: false };
  if (by === 'screw') return { offset: true, gain: false, bend: false };
  if (by === 'dials')
    return { offset: cups.some(isNeutral), gain: !cups.every(isNeutral), bend: false };
  const two = cups.length > 1;
  return { offset: true, gain: two, bend: plan.pieces === true && cups.length > 2 };
}

/** The dips of a sitting's cups that could be read and lie on their tables. */
function dipsOf(sitting: Sitting, shownIn: (cup: Cup) => ShownIn | undefined): readonly Dip[] {
  return sitting.plan.cups.flatMap((cup) => {
    const shown = shownIn(cup);
    const dip = shown && dipIn(sitting, cup, shown);
    return dip?.ok ? [dip.value] : [];
  });
}

/**
 * What a sitting tells of a pen, either quantity: its dips as found, what was set, its dips as left.
 * Undefined when no cup was read.
 */
export function checkOf(sitting: Sitting): PenCheck | undefined {
  const { plan, events, atMs, afterCleaning } = sitting;
  const adjusts = events.some(({ type }) => type === 'adjust');
  const found = dipsOf(sitting, (cup) => readIn(events, cup, ['asFound']));
  const setCups = plan.cups.filter((cup) => leftIn(sitting, cup));
  const set = adjusts && setCups.length > 0;
  const left = set ? dipsOf(sitting, (cup) => leftIn(sitting, cup)) : [];
  if (found.length + left.length === 0) return undefined;
  return {
    kind: 'check',
    atMs,
    found,
    adjusted: set ? adjustedBy(sitting, setCups) : undefined,
    left,
    afterCleaning,
    cupsTempC: plan.tempC,
  };
}

/** Values shown by dips repeated at once in one cup, nothing done between: they tell the pen's scatter. */
export function repeatedDips(events: readonly BenchEvent[]): readonly (readonly number[])[] {
  const groups = new Map<string, number[]>();
  const closed: number[][] = [];
  for (const event of events) {
    if (!('cupId' in event) || event.phase !== 'asFound') continue;
    const group = groups.get(event.cupId) ?? [];
    if (event.type === 'read') groups.set(event.cupId, [...group, event.shown]);
    if (event.type === 'repeat' && event.after !== undefined) {
      closed.push(group);
      groups.delete(event.cupId);
    }
  }
  return [...closed, ...groups.values()].filter(({ length }) => length > 1);
}
