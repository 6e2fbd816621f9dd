import { lightFormat } from 'date-fns/lightFormat';

/** A moment as people type it: 2026-07-31 07:30. */
export function writeMoment(ms: number): string {
  return lightFormat(ms, 'yyyy-MM-dd HH:mm');
}

const MOMENT = /^\s*(\d{4})-(\d{1,2})-(\d{1,2})[ T]+(\d{1,2}):(\d{2})\s*$/;

/**
 * The moment typed, epoch ms by this device's zone; undefined for what is no day or no time of day
 * (31 February, 25:00, an hour that summer time skips).
 */
export function parseMoment(typed: string): number | undefined {
  const parts = MOMENT.exec(typed)?.slice(1).map(Number);
  if (!parts) return undefined;
  const [year = 0, month = 0, day = 0, hours = 0, minutes = 0] = parts;
  const at = new Date(year, month - 1, day, hours, minutes);
  const same =
    at.getMonth() === month - 1 &&
    at.getDate() === day &&
    at.getHours() === hours &&
    at.getMinutes() === minutes;
  return same ? at.getTime() : undefined;
}
