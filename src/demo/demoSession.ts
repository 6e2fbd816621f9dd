import { displayFromEcMsPerCm, MINUTE_MS } from '@/core/units';
import {
  cupTarget,
  nextBenchStep,
  type BenchEvent,
  type BenchPlan,
  type Cup,
} from '@/core/procedure';
import { displayedEc, displayedPh, onDisplay, type HiddenPen } from '@/core/simulated-pen';
import type { Random } from '@/core/statistics';
import type { Session, PenId } from '@/records';

/** A pen whose hidden truth moves; adjusting at the Bench changes it. */
export interface MovingPen {
  hidden: HiddenPen;
}

interface Sitting {
  readonly plan: BenchPlan;
  readonly penId: PenId;
  readonly startedMs: number;
  readonly random: Random;
}

/** What the display shows in a cup, by the pen's hidden truth. */
function showIn(pen: MovingPen, cup: Cup, { plan, random }: Sitting): number {
  const at = cupTarget(plan, cup);
  if (!at.ok) throw new RangeError(`no target for cup ${cup.id}`);
  const { resolution } = plan;
  return plan.quantity === 'ph'
    ? displayedPh(at.value.truth, pen.hidden, { resolutionPh: resolution, random })
    : displayedEc(at.value.truth, pen.hidden, { resolution, random });
}

/** Pressing the button: the pen takes the target in this cup, to a digit. */
function adjustIn(pen: MovingPen, cup: Cup, { plan }: Sitting): void {
  const at = cupTarget(plan, cup);
  if (!at.ok) throw new RangeError(`no target for cup ${cup.id}`);
  const { ph, ecGain } = pen.hidden;
  if (plan.quantity === 'ec') {
    const taken = onDisplay(at.value.target, plan.resolution);
    pen.hidden = { ph, ecGain: taken / at.value.truth };
  } else if (cup === plan.cups[0]) {
    const error = onDisplay(at.value.target, plan.resolution) - at.value.truth;
    pen.hidden = {
      ecGain,
      ph: { gain: ph.gain, offsetPh: error + (1 - ph.gain) * (at.value.truth - 7) },
    };
  } else pen.hidden = { ecGain, ph: { offsetPh: pen.hidden.ph.offsetPh, gain: 1 } };
}

/** Walks a whole sitting as a grower would: as found, adjust if out, accept what it takes. */
export function demoSession(pen: MovingPen, sitting: Sitting): Session {
  const { plan, penId, startedMs, random } = sitting;
  const events: BenchEvent[] = [];
  let atMs = startedMs;
  for (;;) {
    const step = nextBenchStep(plan, events);
    if (step.kind === 'finish') {
      const finishedAt = new Date(atMs + MINUTE_MS).toISOString();
      const startedAt = new Date(startedMs).toISOString();
      const { outcome } = step;
      const body = { penId, plan, events, startedAt, finishedAt, outcome } as unknown as Session;
      return { ...body, afterCleaning: false, pastDateLots: [], note: '' };
    }
    if (step.kind === 'asFoundGood') events.push({ type: 'leave' });
    else if (step.kind === 'asFoundOut') events.push({ type: 'adjust' });
    else if (step.kind === 'missed') {
      events.push({ type: 'accept', phase: step.phase, cupId: step.cup.id });
    } else {
      atMs += 90_000;
      if (step.phase === 'asLeft') adjustIn(pen, step.cup, sitting);
      const settleS = 25 + Math.round(30 * random());
      const shown = showIn(pen, step.cup, sitting);
      events.push({ type: 'read', phase: step.phase, cupId: step.cup.id, shown, atMs, settleS });
    }
  }
}

/** The number an exact pen would show for a tank, in its own scale. */
export function exactEcDisplay(
  ec25MsPerCm: number,
  side: NonNullable<import('@/records').Pen['ec']>,
  { tempC, feedAlphaPerC }: { tempC: number; feedAlphaPerC: number },
): number {
  const atTemp = ec25MsPerCm * (1 + feedAlphaPerC * (tempC - 25));
  const by = side.compensation;
  const compensated = by
    ? (atTemp / (1 + by.alphaPerC * (tempC - 25))) * (1 + by.alphaPerC * (by.referenceC - 25))
    : atTemp;
  return displayFromEcMsPerCm(compensated, side.scale);
}
