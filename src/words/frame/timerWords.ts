import type { TimerRow } from '@/book/answers';
import { HOUR_MS } from '@/core/units';
import { dueTime, minutesSeconds } from '@/words';

/** A timer in a few words: what, and how much longer. */
export function timerWords({ kind, name, endMs }: TimerRow, nowMs: number): string {
  const leftMs = endMs - nowMs;
  if (kind === 'soak') {
    return leftMs <= 0
      ? `${name}: soak is over, check it`
      : `${name} soaking until ${dueTime(endMs, nowMs)}`;
  }
  if (kind === 'drying') {
    return leftMs <= 0
      ? `${name}: dry by now, check it`
      : `${name} drying until ${dueTime(endMs, nowMs)}`;
  }
  if (kind === 'cleaner') {
    return leftMs <= 0
      ? `${name}: out of the cleaner, rinse and brush`
      : `${name} in cleaner, ${minutesSeconds(leftMs / 1000)}`;
  }
  if (kind === 'stopGap') {
    return leftMs <= 0
      ? `${name}: its cap needs storage solution`
      : `${name}: storage solution into its cap by ${dueTime(endMs, nowMs)}`;
  }
  if (kind === 'standing') {
    return leftMs <= 0
      ? `${name}: stir the sample and read it`
      : `${name}: sample stands until ${dueTime(endMs, nowMs)}`;
  }
  if (kind === 'still') {
    return leftMs <= 0
      ? `${name}: still for 30 s, type what it shows`
      : `${name} in the cup, ${minutesSeconds(leftMs / 1000)}`;
  }
  if (leftMs <= 0) return `${name}: mixed, re-read it`;
  return leftMs < HOUR_MS
    ? `${name} mixing, ${minutesSeconds(leftMs / 1000)}`
    : `${name} mixing until ${dueTime(endMs, nowMs)}`;
}
