import { judgeStillness, STILL_SPAN_PH, STILL_WINDOW_MS } from '@/core/stillness';
import type { BenchPlan } from '@/core/procedure';
import type { Formats } from '@/words';
import { shownText } from './benchWords';

/** A value seen on the display. */
export interface Seen {
  readonly atMs: number;
  readonly value: number;
}

/** How many values there must be before anything is said of them. */
const LEAST_SEEN = 2;

/**
 * What the values seen so far say: moving, still, or slow (it passes the window and is yet far from
 * its end). The last one stands until another is seen.
 */
export function seenWords(
  samples: readonly Seen[],
  plan: BenchPlan,
  formats: Formats,
  nowMs: number,
): string {
  const last = samples.at(-1);
  if (!last || samples.length < LEAST_SEEN) return '';
  const { resolution } = plan;
  const span = plan.quantity === 'ph' ? STILL_SPAN_PH : 2 * resolution;
  const until = { atMs: Math.max(nowMs, last.atMs), value: last.value };
  const shown = [...samples, until].map(({ atMs, value }) => ({ atMs, shown: value }));
  const { word, fit } = judgeStillness(shown, { windowMs: STILL_WINDOW_MS, span, resolution });
  const end = fit.ok ? shownText(plan, fit.value.endValue, formats) : undefined;
  if (word === 'slow' && end)
    return `Still moving, slowly, heading for ${end}. Wait: a probe this slow is dirty, dry or old.`;
  if (fit.ok && end)
    return `Heading for ${end}; half of the remaining way takes ${Math.round(0.693 * fit.value.tauS)} s.`;
  return word === 'still'
    ? 'The numbers you noted stand still.'
    : 'Still moving: note each new number.';
}
