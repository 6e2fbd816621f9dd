import { requireFinite } from '../result';

/** A display value and when it was seen. */
export interface DisplaySample {
  readonly atMs: number;
  readonly shown: number;
}

/** When a reading counts as still. */
export interface StillnessPolicy {
  /** How long it must not have moved, ms. */
  readonly windowMs: number;
  /** How far it may move in that time, in the unit of the display. */
  readonly span: number;
  /** One digit of the display, in its unit. */
  readonly resolution: number;
}

/** The usual window: 30 s without moving. Source: common instruction for handheld pens. */
export const STILL_WINDOW_MS = 30_000;

/** The usual span for pH; one digit on a coarser display. */
export const STILL_SPAN_PH = 0.02;

/** Whole digits in a span: 0.02 on a 0.01 display is 2, however floating point sees it. */
function wholeDigits(span: number, resolution: number): number {
  return Math.round(requireFinite('span', span) / resolution);
}

/**
 * Whether the last `windowMs` of samples (sorted by time) span no more than `span`; on a display
 * coarser than that no more than one digit that came back. Compares whole digits: a floating-point comparison fires seconds late. False until
 * the samples cover that time.
 */
export function isStill(samples: readonly DisplaySample[], policy: StillnessPolicy): boolean {
  if (policy.resolution <= 0) throw new RangeError('resolution must be positive');
  const last = samples[samples.length - 1];
  const first = samples[0];
  if (!last || !first || last.atMs - first.atMs < policy.windowMs) return false;
  const digits = samples
    .filter((sample) => sample.atMs >= last.atMs - policy.windowMs)
    .map((sample) => wholeDigits(sample.shown, policy.resolution));
  const span = wholeDigits(policy.span, policy.resolution);
  const moved = Math.max(...digits) - Math.min(...digits);
  // A digit wider than the span: a step is flicker only where it comes back, else it is movement.
  if (span < 1) return moved === 0 || (moved === 1 && digits[0] === digits.at(-1));
  return moved <= span;
}
