import type { Kind, RecordId } from '@/records';
import type { Sample } from '@/records/samples';
import type { DoseWish, Row } from '../answers';
import type { BookClient } from '../client';

/** A question to the book: what names it, how it is asked, and what of it goes on by itself. */
export interface Question<Answer> {
  /** All that decides the answer, but for `moving`. */
  readonly key: readonly string[];
  readonly ask: (client: BookClient) => Promise<Answer>;
  /** The time, or a page's length: while the next answer comes, the last one of the same key stays. */
  readonly moving?: number | undefined;
}

type Quantity = 'ph' | 'ec';
type Found = Parameters<BookClient['foundLookBack']>[2];

/** The question of a key, asked with what it names. */
const question = <Answer>(
  key: Question<Answer>['key'],
  ask: Question<Answer>['ask'],
  moving?: number,
): Question<Answer> => ({ key, ask, moving });

/** Every question a screen asks, each with its key beside it. */
export const questions = {
  rows: <K extends Kind>(kind: K) =>
    question(['rows', kind], (client) => client.rows(kind) as Promise<readonly Row<K>[]>),
  health: (nowMs: number) => question(['health'], (client) => client.health(nowMs), nowMs),
  conflicts: () => question(['conflicts'], (client) => client.conflicts()),
  settings: () => question(['settings'], (client) => client.settings()),
  timers: (nowMs: number) => question(['timers'], (client) => client.timers(nowMs), nowMs),
  round: (nowMs: number, dayStartMs: number) =>
    question(['round', String(dayStartMs)], (client) => client.round(nowMs, dayStartMs), nowMs),
  read: (nowMs: number) => question(['read'], (client) => client.read(nowMs), nowMs),

  tanks: (nowMs: number) => question(['tanks'], (client) => client.tanks(nowMs), nowMs),
  tank: (id: RecordId, nowMs: number) =>
    question(['tank', id], (client) => client.tank(id, nowMs), nowMs),
  tankHistory: (id: RecordId, sample: Sample) =>
    question(['tankHistory', id, sample], (client) => client.tankHistory(id, sample)),
  readingsPage: (id: RecordId, sample: Sample, count: number) =>
    question(
      ['readingsPage', id, sample],
      (client) => client.readingsPage(id, sample, count),
      count,
    ),
  waterUse: (id: RecordId, nowMs: number) =>
    question(['waterUse', id], (client) => client.waterUse(id, nowMs), nowMs),
  dose: (id: RecordId, nowMs: number) =>
    question(['dose', id], (client) => client.dose(id, nowMs), nowMs),
  dosePlan: (id: RecordId, wish: DoseWish, nowMs: number) =>
    question(
      [
        'dosePlan',
        id,
        wish.productId,
        String(wish.aimPh ?? ''),
        String(wish.chasingAccepted),
        String(wish.neverChanged),
      ],
      (client) => client.dosePlan(id, wish, nowMs),
      nowMs,
    ),
  ecDose: (id: RecordId, nowMs: number) =>
    question(['ecDose', id], (client) => client.ecDose(id, nowMs), nowMs),

  pens: (nowMs: number) => question(['pens'], (client) => client.pens(nowMs), nowMs),
  pen: (id: RecordId, nowMs: number) =>
    question(['pen', id], (client) => client.pen(id, nowMs), nowMs),
  lookBack: (penId: RecordId, quantity: Quantity, checkMs?: number) =>
    question(['lookBack', penId, quantity, String(checkMs ?? '')], (client) =>
      client.lookBack(penId, quantity, checkMs),
    ),
  foundLookBack: (penId: RecordId, quantity: Quantity, found: Found) =>
    question(['foundLookBack', penId, quantity, JSON.stringify(found)], (client) =>
      client.foundLookBack(penId, quantity, found),
    ),

  shelf: (nowMs: number) => question(['shelf'], (client) => client.shelf(nowMs), nowMs),
  shopping: (nowMs: number) => question(['shopping'], (client) => client.shopping(nowMs), nowMs),
  products: () => question(['products'], (client) => client.products()),

  ledger: (count: number) => question(['ledger'], (client) => client.ledger(count), count),
  entry: (id: RecordId) => question(['entry', id], (client) => client.entry(id)),
} as const;
