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
 * Whether the last `windowMs` of samples (sorted by time) span no more than the larger of one digit
 * and `span`. Compares whole digits: a floating-point comparison fires seconds late. False until
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
  const allowed = Math.max(1, wholeDigits(policy.span, policy.resolution));
  return Math.max(...digits) - Math.min(...digits) <= allowed;
}
