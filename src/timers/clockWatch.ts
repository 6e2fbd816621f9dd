import { MINUTE_MS } from '@/core/units';

/** A look at two clocks at one moment: the device's own, and one that only counts since the page opened. */
export interface ClockLook {
  readonly wallMs: number;
  readonly countedMs: number;
}

/** So far may the device's clock move by itself between two looks, ms: it is set right now and then. */
export const JUMP_MS = 10 * MINUTE_MS;

/** How far a device's clock jumped; positive: ahead. */
export interface ClockJump {
  readonly byMs: number;
  readonly fromMs: number;
  readonly toMs: number;
}

/**
 * Whether the device's clock jumped between two looks. Ahead only where both looks come from one page
 * that was awake (`awake`): a device that slept looks the same. Back always: time does not.
 */
export function clockJump(
  before: ClockLook,
  now: ClockLook,
  { awake }: { readonly awake: boolean },
): ClockJump | undefined {
  const counted = awake ? now.countedMs - before.countedMs : 0;
  const byMs = now.wallMs - before.wallMs - counted;
  const jumped = byMs < -JUMP_MS || (awake && byMs > JUMP_MS);
  return jumped ? { byMs, fromMs: before.wallMs + counted, toMs: now.wallMs } : undefined;
}
