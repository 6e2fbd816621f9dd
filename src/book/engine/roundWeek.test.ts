import { careFor, pourDose, saveLot, saveTank } from '@/acts';
import { DAY_MS, HOUR_MS } from '@/core/units';
import { ledgerAnswer } from './ledgerAnswer';
import { roundAnswer } from './roundAnswer';
import { diary, checkedPen, tank } from './testing/diary';

const kinds = (stops: readonly { readonly kind: string; readonly done: boolean }[]) =>
  stops.map(({ kind, done }) => `${kind}${done ? ' done' : ''}`);

describe('the stops of a morning', () => {
  /** One pen checked on day 0 at 07:40, one tank. */
  const house = () => {
    const { book, did, write } = diary();
    const { session, reading, penId } = checkedPen(did);
    const tankId = did(0, saveTank(undefined, tank()));
    session(0, 7, 4.01, false);
    const at = (day: number, hour = 7) => day * DAY_MS + hour * HOUR_MS;
    const morning = (day: number, hour = 7) => roundAnswer(book, { nowMs: at(day, hour) });
    return { book, did, write, session, reading, penId, tankId, morning, at };
  };

  test('a weekly check stands on the Round from the first minute of its day', () => {
    const { morning, reading, tankId } = house();
    for (let day = 1; day <= 6; day += 1) reading(day, tankId, 6);
    expect(kinds(morning(6, 23.9).stops).filter((kind) => kind.startsWith('pen'))).toEqual([]);
    const due = morning(7, 0.1).stops.find(({ kind }) => kind === 'pen');
    expect(due).toMatchObject({ kind: 'pen', overdueDays: 0, done: false });
    expect(morning(9).stops.find(({ kind }) => kind === 'pen')).toMatchObject({ overdueDays: 2 });
  });

  test('the week ahead names the check on its day, and nothing on a day without one', () => {
    const { morning } = house();
    const checks = morning(3).ahead.filter((day) => day.checks.length > 0);
    expect(checks).toEqual([expect.objectContaining({ dayMs: 7 * DAY_MS, checks: ['P1'] })]);
  });

  test('read out of band it stays a stop until it is read in band, or is passed by for the day', () => {
    const { book, morning, reading, tankId, write, at } = house();
    reading(1, tankId, 7.4);
    const key = `correct/${tankId}`;
    expect(morning(1, 9).stops.find((stop) => stop.key === key)).toMatchObject({
      kind: 'correct',
      off: [{ quantity: 'ph', side: 'high' }],
      done: false,
    });
    write(1.42, {
      kind: 'skip',
      body: { stop: key, at: new Date(at(1, 10)).toISOString(), why: 'nothingAtHand', note: '' },
    });
    expect(morning(1, 11).stops.find((stop) => stop.key === key)?.skipped).toMatchObject({
      why: 'nothingAtHand',
    });
    // It stands in the Book, with what it was about.
    expect(ledgerAnswer(book, {}, { skip: 0, count: 10 }).rows).toContainEqual(
      expect.objectContaining({
        kind: 'skip',
        row: expect.objectContaining({ about: 'Basil', why: 'nothingAtHand' }) as object,
      }),
    );
    // The next morning it is to be read, and is not forgotten; read high again it is back with the reason.
    expect(morning(2).stops.find(({ kind }) => kind === 'tank')).toMatchObject({ done: false });
    reading(2.2, tankId, 7.4);
    expect(morning(2, 9).stops.find((stop) => stop.key === key)).toMatchObject({
      skippedBefore: 'nothingAtHand',
    });
    reading(2.4, tankId, 6);
    expect(kinds(morning(2, 12).stops)).toContain('tank done');
  });

  test('a dose never read again is asked for on every later day, until somebody reads the tank', () => {
    const { morning, reading, tankId, did } = house();
    reading(1, tankId, 7);
    did(
      1.1,
      pourDose(
        {
          tankId,
          at: new Date(1.1 * DAY_MS).toISOString(),
          what: 'acid',
          productName: '',
          doseMl: 5,
          rereadAt: new Date(1.2 * DAY_MS).toISOString(),
          note: '',
        },
        '5 mL',
      ),
    );
    expect(kinds(morning(5).stops)[0]).toBe('reread');
    reading(5.4, tankId, 6);
    expect(kinds(morning(5, 12).stops)).toContain('tank done');
  });

  test('a tank is read by its own interval; what was missed says for how long', () => {
    const { morning, reading, did, tankId } = house();
    const id = did(0, saveTank(undefined, { ...tank(), readEveryDays: 7 }));
    reading(1, tankId, 6);
    reading(1, id, 6);
    const of = (day: number) =>
      morning(day).stops.filter((stop) => stop.kind === 'tank' && stop.tank.id === id);
    expect(of(7)).toEqual([]);
    expect(of(8)).toMatchObject([{ done: false, missedDays: 0 }]);
    expect(of(10)).toMatchObject([{ done: false, missedDays: 2 }]);
  });

  test('a bottle that ends before the week’s checks is told; one nobody counts is not', () => {
    const { morning, did } = house();
    const bottle = (nominal: number, left?: number) =>
      did(
        0,
        saveLot(undefined, {
          kind: 'buffer',
          form: 'bottle',
          nominal,
          lotCode: '',
          left,
          note: '',
        }),
      );
    bottle(7, 15);
    bottle(4.01);
    const supply = morning(3).stops.filter(({ kind }) => kind === 'supply');
    expect(supply).toMatchObject([
      { liquid: { kind: 'buffer', nominal: 7 }, portionsLeft: 0, portionsNeeded: 1 },
    ]);
    // No check in the coming week: nothing to tell yet.
    expect(kinds(morning(0, 12).stops)).not.toContain('supply');
  });

  test('a new battery is due a year after the last one', () => {
    const { morning, did, penId, at } = house();
    const care = (day: number) =>
      morning(day).stops.flatMap((stop) => (stop.kind === 'care' ? stop.what : []));
    expect(care(364)).not.toContain('battery');
    expect(care(365)).toContain('battery');
    did(
      365.4,
      careFor({
        penId,
        at: new Date(at(365, 10)).toISOString(),
        side: 'both',
        what: 'battery',
        note: '',
      }),
    );
    expect(care(366)).not.toContain('battery');
  });

  test('a book nobody copied for thirty days asks for a copy; a small one and the demo do not', () => {
    const { book, reading, tankId } = house();
    const copies = (day: number, lastCopyDay?: number, own = true) =>
      roundAnswer(book, {
        nowMs: (day + 0.3) * DAY_MS,
        copied: { own, ...(lastCopyDay === undefined ? {} : { lastCopyMs: lastCopyDay * DAY_MS }) },
      }).stops.flatMap((stop) => (stop.kind === 'copy' ? [stop.days] : []));
    expect(copies(40)).toEqual([]);
    for (let day = 1; day <= 20; day += 1) reading(day, tankId, 6);
    expect(copies(40)).toEqual([undefined]);
    expect([6, 7].map((day) => copies(day))).toEqual([[], [undefined]]);
    expect(copies(40, 11)).toEqual([]);
    expect(copies(40, 10)).toEqual([30]);
    expect(copies(40, undefined, false)).toEqual([]);
  });
});
