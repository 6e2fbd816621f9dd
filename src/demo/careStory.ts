import { DAY_MS, HOUR_MS, MINUTE_MS } from '@/core/units';
import type { CareEvent } from '@/records';
import { DRY_OUT_DAYS_AGO, GREASE_DAYS_AGO } from './hiddenLives';

interface Told {
  readonly atMs: number;
  readonly body: CareEvent;
}

type Event = Pick<CareEvent, 'side' | 'what'> & {
  readonly code: string;
  readonly atMs: number;
  readonly untilMs?: number;
  readonly note: string;
};

/** What was done to the pens and befell them, as the glasshouse remembers it. */
export function careStory(
  idOf: (code: string) => string,
  { nowMs, midnight }: { readonly nowMs: number; readonly midnight: number },
): readonly Told[] {
  const morning = (daysAgo: number, hours: number) =>
    Math.min(midnight - daysAgo * DAY_MS + hours * HOUR_MS, nowMs - 30 * MINUTE_MS);
  const soakFrom = morning(0, 7.2);
  const events: readonly Event[] = [
    {
      code: 'P3',
      side: 'ec',
      what: 'clean',
      atMs: morning(GREASE_DAYS_AGO.to, 6.81),
      note: 'Greasy face, water stood in drops; scrubbed until it ran.',
    },
    // Cleaned on the evening before a check, which then finds it as cleaned.
    { code: 'P1', side: 'both', what: 'clean', atMs: morning(8, 18), note: '' },
    {
      code: 'P1',
      side: 'ph',
      what: 'soak',
      atMs: morning(8, 18.2),
      untilMs: morning(7, 6),
      note: '',
    },
    { code: 'P5', side: 'both', what: 'clean', atMs: morning(13, 18.1), note: '' },
    { code: 'P4', side: 'ph', what: 'capTopUp', atMs: morning(5, 8.6), note: '' },
    { code: 'P5', side: 'ph', what: 'capTopUp', atMs: morning(6, 8.7), note: '' },
    {
      code: 'P1',
      side: 'ph',
      what: 'capTopUp',
      atMs: morning(6, 8.5),
      note: '',
    },
    {
      code: 'P2',
      side: 'ph',
      what: 'dryOut',
      atMs: morning(DRY_OUT_DAYS_AGO, 12),
      note: 'Cap was left off on the potting bench.',
    },
    {
      code: 'P2',
      side: 'ph',
      what: 'soak',
      atMs: soakFrom,
      untilMs: soakFrom + DAY_MS,
      note: 'Found dry this morning.',
    },
  ];
  return events.map(({ code, atMs, untilMs, ...rest }) => ({
    atMs,
    body: {
      ...rest,
      penId: idOf(code),
      at: new Date(atMs).toISOString(),
      ...(untilMs === undefined ? {} : { until: new Date(untilMs).toISOString() }),
    },
  }));
}
