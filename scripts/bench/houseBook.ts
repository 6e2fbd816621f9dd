import { GENERIC_PROFILES, penFromProfile } from '../../src/records/profiles';
import { idSource, writeRevision, type Change, type Revision } from '../../src/records';
import { checkBody } from '../../src/records/testing/plainCheck';
import { plainTank } from '../../src/records/testing/plainTank';

const DAY_MS = 86_400_000;

/** What a house of the bench has. */
export interface HouseBook {
  readonly tanks: number;
  readonly pens: number;
  /** Readings of each tank: one a day, the newest an hour ago. */
  readonly readingsEach: number;
  readonly endMs: number;
}

/** A house that reads every tank each day, checks its pens by turns each fourth week, and doses now and then. */
export function houseBook({ tanks, pens, readingsEach, endMs }: HouseBook) {
  const makeId = idSource();
  const startMs = endMs - readingsEach * DAY_MS - DAY_MS;
  const write = (change: Change, nowMs: number) =>
    writeRevision(change, { makeId, nowMs, zone: 'UTC', by: 'AB', device: 'bench' }) as Revision;
  const profile = GENERIC_PROFILES.find(({ id }) => id === 'combination') ?? GENERIC_PROFILES[0]!;
  const penIds: string[] = [];
  const tankIds: string[] = [];
  const all: Revision[] = [];
  for (let at = 0; at < pens; at += 1) {
    const body = penFromProfile(profile, { code: `P${at + 1}`, name: 'Bench pen' });
    all.push(write({ kind: 'pen', body }, startMs));
    penIds.push(all.at(-1)!.recordId);
  }
  for (let at = 0; at < tanks; at += 1) {
    const body = { ...plainTank(`Tank ${at + 1}`), place: at };
    all.push(write({ kind: 'tank', body }, startMs));
    tankIds.push(all.at(-1)!.recordId);
  }
  const reading = (tank: number, day: number, atMs: number) => {
    const penId = penIds[tank % pens]!;
    const body = {
      tankId: tankIds[tank]!,
      sampleKind: 'tank' as const,
      takenAt: new Date(atMs).toISOString(),
      tempC: 20,
      ph: { shown: 5.6 + ((day + tank) % 80) / 100, penId },
      ec: { shown: 1.2 + ((day * 3 + tank) % 70) / 100, scale: 'mS/cm' as const, penId },
      note: '',
    };
    return write({ kind: 'reading', body }, atMs);
  };
  const check = (pen: number, day: number, atMs: number) => {
    const about = { in7: 7.02, in4: 4.03, adjusted: day % 56 === 0 };
    return write({ kind: 'session', body: checkBody(penIds[pen]!, atMs, about) }, atMs);
  };
  for (let day = 0; day < readingsEach; day += 1) {
    const atMs = endMs - (readingsEach - 1 - day) * DAY_MS - 3_600_000;
    for (let pen = 0; pen < pens; pen += 1)
      if ((day + 2 * pen) % 28 === 0) all.push(check(pen, day, atMs - 1_800_000));
    for (let tank = 0; tank < tanks; tank += 1) all.push(reading(tank, day, atMs + tank * 1000));
  }
  return { revisions: all, penIds, tankIds, reading, check };
}
