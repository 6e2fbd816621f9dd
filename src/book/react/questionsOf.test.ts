import { makeDemo } from '@/demo';
import type { Kind } from '@/records';
import { answerBook } from '../engine/answerBook';
import { BookState, type LiveRecord } from '../engine/bookState';
import type { BookClient } from '../client';
import { bearsOn, questions, type Question } from './questions';

const nowMs = Date.UTC(2026, 4, 20, 9);
const demo = makeDemo({ nowMs, zone: 'UTC' });

/** A book that notes which kinds of its records are asked for. */
class WatchedBook extends BookState {
  readonly asked = new Set<Kind>();
  override all<K extends Kind>(kind: K): readonly LiveRecord<K>[] {
    this.asked.add(kind);
    return super.all(kind);
  }
  override recordIf<K extends Kind>(kind: K, id: string): LiveRecord<K> | undefined {
    this.asked.add(kind);
    return super.recordIf(kind, id);
  }
  override idsOf(kind: Kind): readonly string[] {
    this.asked.add(kind);
    return super.idsOf(kind);
  }
}

/** The demo's first record of a kind that a test names. */
const idOf = (kind: Kind, name: string): string =>
  demo.find((r) => r.kind === kind && JSON.stringify(r.body).includes(name))!.recordId;
const tank = idOf('tank', 'Basil tables');
const pen = idOf('pen', '"P1"');
const wish = { productId: 'citric-50', aimPh: 6, chasingAccepted: false, neverChanged: false };

const asked: Readonly<Record<string, Question<unknown>>> = {
  'rows of waters': questions.rows('water'),
  settings: questions.settings(),
  read: questions.read(nowMs),
  tanks: questions.tanks(nowMs),
  tank: questions.tank(tank, nowMs),
  'history of a tank': questions.tankHistory(tank, 'tank'),
  'page of readings': questions.readingsPage(tank, 'tank', 20),
  'water use': questions.waterUse(tank, nowMs),
  dose: questions.dose(tank, nowMs),
  'dose plan': questions.dosePlan(tank, wish, nowMs),
  'EC dose': questions.ecDose(tank, nowMs),
  pens: questions.pens(nowMs),
  pen: questions.pen(pen, nowMs),
  'look-back': questions.lookBack(pen, 'ph'),
  shelf: questions.shelf(nowMs),
  shopping: questions.shopping(nowMs),
  products: questions.products(),
};

// An answer made from a kind that its question does not name would stay on screen, out of date.
test.each(Object.entries(asked))(
  '%s names every kind it is made from',
  async (_name, { of, ask }) => {
    const book = new WatchedBook();
    // Anew for each: what was worked out of the same entries before is not asked for again.
    book.apply(structuredClone(demo));
    const answer = await ask(answerBook(() => book) as unknown as BookClient);
    expect(answer).toBeTruthy();
    expect(book.asked.size).toBeGreaterThan(0);
    const unnamed = [...book.asked].filter((kind) => of !== 'all' && !of.includes(kind));
    expect(unnamed).toEqual([]);
  },
);

test('a change bears on what it names, on all that name everything, and read anew on all', () => {
  expect(bearsOn(['lot'], ['lot', 'pen'])).toBe(true);
  expect(bearsOn(['person', 'lot'], ['lot'])).toBe(true);
  expect(bearsOn(['benchDraft'], ['lot', 'pen'])).toBe(false);
  expect(bearsOn(['benchDraft'], 'all')).toBe(true);
  expect(bearsOn([], ['lot'])).toBe(true);
  expect(bearsOn(['lot'], undefined)).toBe(true);
});
