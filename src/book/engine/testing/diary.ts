import { makePhPlan } from '@/core/procedure';
import { idSource, writeRevision, type BodyOf, type Change, type Kind } from '@/records';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { BookState } from '../bookState';

export const DAY_MS = 86_400_000;
const makeId = idSource();

/** A book that a test writes by the day, or by whatever else lasts `unitMs`. */
export function diary(unitMs = DAY_MS) {
  const book = new BookState();
  const write = <K extends Kind>(at: number, change: Change<K>) => {
    const parents = change.recordId ? book.headIds(change.recordId) : [];
    const writer = { makeId, nowMs: at * unitMs, zone: 'UTC', by: 'LV', device: 'phone' };
    const revision = writeRevision({ ...change, parents }, writer);
    book.apply([revision as never]);
    return revision.recordId as string;
  };
  return { book, write };
}

/** The usual pH pen. */
export const profile = GENERIC_PROFILES.find(({ id }) => id === 'ph-auto-two-point')!;
/** A day of the diary as the records write it. */
export const instant = (day: number) => new Date(day * DAY_MS).toISOString();
/** A tank with its pH band. */
export const tank = (low = 5.5, high = 6.5): BodyOf<'tank'> => ({
  name: 'Basil',
  volumeL: 100,
  crop: '',
  stage: '',
  phBand: { low, high },
  ecBand: { low: 1, high: 2 },
  alphaPerC: 0.019,
  place: 1,
  note: '',
});

interface Shown {
  readonly in7: number;
  readonly in4: number;
  readonly adjusted: boolean;
}

/** A check of a two-point pH pen in 7 and 4.01 at 25 °C, as the records write it. */
export function checkBody(penId: string, atMs: number, shown: Shown): BodyOf<'session'> {
  const plan = JSON.parse(
    JSON.stringify(
      makePhPlan(profile.ph!, { tempC: 25, policy: 'normal', lotFor: () => undefined }),
    ),
  );
  const read = (phase: 'asFound' | 'asLeft', cupId: string, value: number) => ({
    type: 'read' as const,
    phase,
    cupId,
    shown: value,
    atMs,
  });
  const found = [read('asFound', '7', shown.in7), read('asFound', '4.01', shown.in4)];
  const left = shown.adjusted
    ? [{ type: 'adjust' as const }, read('asLeft', '7', 7), read('asLeft', '4.01', 4.01)]
    : [{ type: 'leave' as const }];
  const at = new Date(atMs).toISOString();
  return {
    penId,
    plan,
    events: [...found, ...left],
    startedAt: at,
    finishedAt: at,
    afterCleaning: false,
    outcome: shown.adjusted ? 'adjusted' : 'inTolerance',
    pastDateLots: [],
    note: '',
  };
}

/** A two-point pen with how its checks and readings are written. */
export function checkedPen(write: ReturnType<typeof diary>['write']) {
  const penId = write(0, {
    kind: 'pen',
    body: penFromProfile(profile, { code: 'P1', name: 'Pen' }),
  });
  const session = (day: number, in7: number, in4: number, adjusted: boolean) => {
    const body = checkBody(penId, day * DAY_MS, { in7, in4, adjusted });
    write(day, { kind: 'session', body });
  };
  const reading = (day: number, tankId: string, shown: number) =>
    write(day, {
      kind: 'reading',
      body: { tankId, sampleKind: 'tank', takenAt: instant(day), note: '', ph: { shown, penId } },
    });
  return { penId, session, reading };
}
