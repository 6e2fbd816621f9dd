import { withinTolerance, type ToleranceResult } from '../calibration';
import { cupTarget, type BenchPlan, type Cup } from './benchPlan';
import type { DipPhase } from './benchEvents';

/** A dip judged: the error in the display's unit and whether it passes. */
export interface JudgedDip extends ToleranceResult {
  readonly target: number;
}

/**
 * Judges a value shown in a cup against its target and the phase's tolerance (as found, or the
 * tighter one for a point just adjusted). The plan's temperature must be on the cup's table.
 */
export function judgeDip(plan: BenchPlan, cup: Cup, phase: DipPhase, shown: number): JudgedDip {
  const at = cupTarget(plan, cup);
  if (!at.ok) throw new RangeError(`no target for cup ${cup.id} at ${plan.tempC} °C`);
  const { target } = at.value;
  const policy = phase === 'asFound' ? plan.asFoundTolerance : plan.asLeftTolerance;
  const tolerance = plan.quantity === 'ec' ? policy * target : policy;
  return { target, ...withinTolerance(shown, { target, tolerance, resolution: plan.resolution }) };
}
