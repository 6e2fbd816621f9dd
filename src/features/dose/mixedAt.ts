import { MINUTE_MS } from '@/core/units';
import { mixingOf } from '@/core/tank-belief';
import type { Tank } from '@/records/kinds';

/** When what is poured now is mixed and the tank is read again, by its pump where that is known. */
export function mixedAt(tank: Tank, volumeL: number, nowMs: number): string {
  const { pumpLPerMin } = tank;
  const pumpLPerHour = pumpLPerMin === undefined ? undefined : 60 * pumpLPerMin;
  return new Date(nowMs + MINUTE_MS * mixingOf(volumeL, pumpLPerHour).firstMinutes).toISOString();
}
