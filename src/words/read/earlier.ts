import { DAY_MS, HOUR_MS } from '@/core/units';
import { clock, dayStart, daysBetween, shortDay } from '@/words';

/** A moment offered for a reading that was taken before now. */
export interface EarlierChoice {
  readonly label: string;
  readonly ms: number;
}

/** Moments people read at and write down later: an hour ago, this morning, yesterday. */
export function earlierChoices(nowMs: number): readonly EarlierChoice[] {
  const today = dayStart(nowMs);
  const yesterday = dayStart(today - DAY_MS / 2);
  return [
    { label: 'An hour ago', ms: nowMs - HOUR_MS },
    { label: 'This morning, 07:30', ms: today + 7.5 * HOUR_MS },
    { label: 'Yesterday evening, 18:00', ms: yesterday + 18 * HOUR_MS },
    { label: 'Yesterday at this time', ms: nowMs - DAY_MS },
    { label: 'Yesterday morning, 07:30', ms: yesterday + 7.5 * HOUR_MS },
  ].filter(({ ms }) => ms < nowMs - HOUR_MS / 2);
}

/** When a reading was taken, in words: "now", "today 07:30", "yesterday 18:00", "Fri 20 Nov 07:30". */
export function takenWords(takenMs: number | undefined, nowMs: number): string {
  if (takenMs === undefined) return 'now';
  const days = daysBetween(takenMs, nowMs);
  const day = days === 0 ? 'today' : days === 1 ? 'yesterday' : shortDay(takenMs);
  return `${day} ${clock(takenMs)}`;
}

/** A moment as the browser's own field for day and time writes it. */
export function localInput(ms: number): string {
  const at = new Date(ms);
  const two = (value: number) => String(value).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}T${two(at.getHours())}:${two(at.getMinutes())}`;
}

/** The moment typed in such a field; undefined when it is none or still to come. */
export function momentTyped(typed: string, nowMs: number): number | undefined {
  const ms = new Date(typed).getTime();
  return Number.isFinite(ms) && ms <= nowMs ? ms : undefined;
}
