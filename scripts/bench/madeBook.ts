import type { Page } from '@playwright/test';
import { GENERIC_PROFILES, penFromProfile } from '../../src/records/profiles';
import {
  idSource,
  writeRevision,
  type Change,
  type Kind,
  type Revision,
  type TankId,
} from '../../src/records';

const HOUR_MS = 3_600_000;
/** How far apart readings of one tank lie. */
const EVERY_MS = 4 * HOUR_MS;
const OTHERS = 9;

/** A made-up book: so many readings on its first tank, and so many shared by nine others. */
export function madeBook({ first, others }: { first: number; others: number }): Revision[] {
  const makeId = idSource();
  const endMs = Date.now() - HOUR_MS;
  const startMs = endMs - Math.max(first, others / OTHERS) * EVERY_MS;
  const write = <K extends Kind>(change: Change<K>, nowMs: number) =>
    writeRevision(change, { makeId, nowMs, zone: 'UTC', by: 'AB', device: 'bench' });
  const profile = GENERIC_PROFILES.find(({ id }) => id === 'combination') ?? GENERIC_PROFILES[0]!;
  const pen = write(
    { kind: 'pen', body: penFromProfile(profile, { code: 'P1', name: 'Bench pen' }) },
    startMs,
  );
  const tanks = Array.from({ length: 1 + OTHERS }, (_, place) => {
    const body = {
      name: `Tank ${place}`,
      volumeL: 100,
      crop: '',
      stage: '',
      phBand: { low: 5.5, high: 6.5 },
      ecBand: { low: 1, high: 2 },
      alphaPerC: 0.019,
      place,
      note: '',
    };
    return write({ kind: 'tank', body }, startMs);
  });
  const reading = (tankId: TankId, at: number, nowMs: number) => {
    const body = {
      tankId,
      sampleKind: 'tank' as const,
      takenAt: new Date(nowMs).toISOString(),
      tempC: 20,
      ph: { shown: 5.5 + (at % 90) / 100, penId: pen.recordId },
      ec: { shown: 1.2 + (at % 70) / 100, scale: 'mS/cm' as const, penId: pen.recordId },
      note: '',
    };
    return write({ kind: 'reading', body }, nowMs);
  };
  const series = (tankId: TankId, count: number) =>
    Array.from({ length: count }, (_, at) =>
      reading(tankId, at, endMs - (count - 1 - at) * EVERY_MS),
    );
  const readings = [
    ...series(tanks[0]!.recordId, first),
    ...tanks.slice(1).flatMap(({ recordId }) => series(recordId, Math.floor(others / OTHERS))),
  ];
  return [pen, ...tanks, ...readings];
}

/** Characters that are handed to the browser at once. */
const AT_ONCE = 4_000_000;

/** Entries by what can be handed over at once. */
function portions(entries: readonly [string, string][]): [string, string][][] {
  const all: [string, string][][] = [];
  let room = 0;
  for (const entry of entries) {
    if (room <= 0) {
      all.push([]);
      room = AT_ONCE;
    }
    all.at(-1)!.push(entry);
    room -= entry[1].length;
  }
  return all;
}

/** Fills a database shaped as AsyncStorage shapes it. */
export async function fill(page: Page, name: string, entries: [string, string][]): Promise<void> {
  for (const part of portions(entries)) {
    await page.evaluate(
      ([db, list]) =>
        new Promise<void>((resolve, reject) => {
          const request = indexedDB.open(db, 1);
          request.onupgradeneeded = () => request.result.createObjectStore('entries');
          request.onerror = () => reject(request.error);
          request.onsuccess = () => {
            const tx = request.result.transaction('entries', 'readwrite');
            for (const [key, value] of list) tx.objectStore('entries').put(value, key);
            tx.oncomplete = () => {
              request.result.close();
              resolve();
            };
          };
        }),
      [name, part] as const,
    );
  }
}
