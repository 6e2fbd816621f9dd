import {
  displayTolerance,
  withinTolerance,
  type Tolerance,
  type ToleranceResult,
  type ToleranceRule,
} from '../calibration';
import { cupTarget, type BenchPlan, type Cup } from './benchPlan';
import { dipReading, type BenchEvent, type DipPhase } from './benchEvents';

/** A dip judged: the error in the display's unit and whether it passes. */
export interface JudgedDip extends ToleranceResult {
  readonly target: number;
}

/** What a cup's display is held to: as found by the policy or the pen's leaflet, once adjusted tighter. */
function ruleOf(plan: BenchPlan, cup: Cup, phase: DipPhase): ToleranceRule {
  const at = cupTarget(plan, cup);
  if (!at.ok) throw new RangeError(`no target for cup ${cup.id} at ${plan.tempC} °C`);
  const { target } = at.value;
  const { resolution } = plan;
  if (phase === 'asFound' && plan.leaflet) return { target, tolerance: plan.leaflet, resolution };
  const policy = phase === 'asFound' ? plan.asFoundTolerance : plan.asLeftTolerance;
  return { target, tolerance: plan.quantity === 'ec' ? policy * target : policy, resolution };
}

/**
 * Judges a value shown in a cup against its target and the phase's tolerance (as found, or the
 * tighter one for a point just adjusted). The plan's temperature must be on the cup's table.
 */
export function judgeDip(plan: BenchPlan, cup: Cup, phase: DipPhase, shown: number): JudgedDip {
  const rule = ruleOf(plan, cup, phase);
  return { target: rule.target, ...withinTolerance(shown, rule) };
}

/** A probe this far off in a buffer is dirty, dry or worn before it is out of adjustment, pH. */
const CLEAN_FIRST_PH = 1;

/** Whether what was found asks for cleaning and a soak before anything is adjusted; pH only. */
export function isCleanedFirst(plan: BenchPlan, events: readonly BenchEvent[]): boolean {
  return plan.cups.some((cup) => {
    const { reading } = dipReading(events, 'asFound', cup.id);
    return (
      cup.quantity === 'ph' &&
      reading !== undefined &&
      Math.abs(judgeDip(plan, cup, 'asFound', reading.shown).error) > CLEAN_FIRST_PH
    );
  });
}

/** A pH probe this many times its expected life old is soaked before anything is adjusted. */
const FAR_PAST_LIFE = 1.5;

/** Whether a probe of this age is far past its expected life, both in days. */
export const isFarPastAge = (ageDays: number, lifeDays: number): boolean =>
  ageDays > FAR_PAST_LIFE * lifeDays;

/** Why a probe is cleaned and soaked before it is adjusted: too far off, or far past its expected life. */
export type SoakReason = 'farOff' | 'oldProbe';

/**
 * Why a probe that was found out of tolerance is cleaned and soaked before it is adjusted; undefined
 * where it may be adjusted. After that was done nothing is left to advise but to adjust.
 */
export function soakBefore(
  { plan, events }: { readonly plan: BenchPlan; readonly events: readonly BenchEvent[] },
  { farPastAge, afterCleaning }: { readonly farPastAge: boolean; readonly afterCleaning: boolean },
): SoakReason | undefined {
  if (isCleanedFirst(plan, events)) return 'farOff';
  return farPastAge && !afterCleaning ? 'oldProbe' : undefined;
}

/** The displays that pass in a cup, lowest and highest, in the display's unit. */
export function passWindow(plan: BenchPlan, cup: Cup, phase: DipPhase): Tolerance {
  return displayTolerance(ruleOf(plan, cup, phase));
}
