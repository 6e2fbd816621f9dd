import { checkBody, profile } from '../../src/records/testing/plainCheck';
import { writeBundle } from '../../src/interchange/bundle';
import { idSource, writeRevision, type Change, type Revision } from '../../src/records';
import { penFromProfile } from '../../src/records/profiles';
import { plainTank } from '../../src/records/testing/plainTank';

const DAY_MS = 86_400_000;
const HOUR_MS = 3_600_000;

/** Monday 4 May 2026, in UTC. */
const FIRST_DAY_MS = Date.UTC(2026, 4, 4);

/** A moment of a day of the five weeks, counted from 0. */
export const at = (day: number, hours: number) => FIRST_DAY_MS + day * DAY_MS + hours * HOUR_MS;

/**
 * Five weeks of a small house, as its people wrote them down: two pH pens, checked on Mondays; Basil and
 * Mint read each morning, Chard every third; a 7.00 buffer that runs short; a dose nobody read again; two
 * mornings Mint was forgotten; a stage of Chard that begins by its date; a pen that is lost.
 */
export function fiveWeeks(): string {
  const makeId = idSource();
  const revisions: Revision[] = [];
  const write = (day: number, hours: number, change: Change) => {
    const known = change.recordId && revisions.findLast((r) => r.recordId === change.recordId);
    const parents = known ? [known.revId] : [];
    const writer = { makeId, nowMs: at(day, hours), zone: 'UTC', by: 'LV', device: 'phone' };
    const revision = writeRevision({ ...change, parents } as Change, writer);
    revisions.push(revision);
    return revision.recordId as string;
  };
  const iso = (day: number, hours: number) => new Date(at(day, hours)).toISOString();
  const pen = (code: string) => penFromProfile(profile, { code, name: `Pen ${code}` });
  const [p1, p2] = ['P1', 'P2'].map((code) => write(0, 6, { kind: 'pen', body: pen(code) }));
  const tank = (name: string, place: number, more: object = {}) =>
    write(0, 6, { kind: 'tank', body: { ...plainTank(name, { place }), ...more } });
  const [basil, mint] = [tank('Basil', 1), tank('Mint', 2)];
  const chard = tank('Chard', 3, {
    readEveryDays: 3,
    plan: [
      {
        day: '2026-05-21',
        crop: 'chard',
        stage: 'late',
        phBand: { low: 5, high: 5.4 },
        ecBand: { low: 1, high: 2 },
      },
    ],
  });
  const read = (day: number, tankId: string, shown: number) =>
    write(day, 7.4, {
      kind: 'reading',
      body: {
        tankId,
        sampleKind: 'tank',
        takenAt: iso(day, 7.4),
        note: '',
        ph: { shown, penId: p1! },
      },
    });
  const buffer = (left: number) => ({
    kind: 'buffer' as const,
    form: 'bottle' as const,
    nominal: 7,
    lotCode: 'A-1',
    left,
    note: '',
  });
  const lot = write(0, 6.5, { kind: 'lot', body: buffer(100) as never });
  let left = 100;
  for (let day = 0; day < 36; day += 1) {
    if (day % 7 === 0) {
      const there = day < 20 ? [p1, p2] : [p1];
      for (const penId of there) {
        const body = checkBody(penId!, at(day, 7.1), { in7: 7, in4: 4.01, adjusted: false });
        write(day, 7.1, { kind: 'session', body });
        write(day, 7.2, {
          kind: 'careEvent',
          body: { penId: penId!, side: 'ph', at: iso(day, 7.2), what: 'capTopUp', note: '' },
        });
        left -= 20;
      }
      write(day, 7.3, { kind: 'lot', recordId: lot, body: buffer(Math.max(0, left)) as never });
    }
    // Somebody bought 7.00 on the second Sunday.
    if (day === 13) {
      left += 500;
      write(day, 12, { kind: 'lot', recordId: lot, body: buffer(left) as never });
    }
    // Basil is dosed on the ninth day, and nobody looks at it until two mornings later.
    if (day === 9) {
      read(day, basil, 7);
      write(day, 7.5, {
        kind: 'addition',
        body: {
          tankId: basil,
          at: iso(day, 7.5),
          what: 'acid',
          productName: 'citric acid',
          doseMl: 5,
          rereadAt: iso(day, 7.75),
          note: '',
        } as never,
      });
    } else if (day !== 10) read(day, basil, 6);
    if (day !== 15 && day !== 16) read(day, mint, 6);
    // Chard on every third day; once its stage has begun it stands too high, and is seen to the day after.
    if (day % 3 === 0 && day !== 18) read(day, chard, day < 18 ? 6 : 5.2);
    if (day === 18) read(day, chard, 6);
    if (day === 19) read(day, chard, 5.2);
    if (day === 20)
      write(day, 12, {
        kind: 'pen',
        recordId: p2!,
        body: { ...pen('P2'), gone: { at: iso(day, 12), why: 'lost', note: '' } } as never,
      });
  }
  return writeBundle(revisions);
}
