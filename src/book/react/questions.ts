import type { Kind, RecordId, PenId, TankId } from '@/records';
import type { Sample } from '@/records/samples';
import type { DoseWish, EraseWish, LedgerPart, LedgerQuery, Row } from '../answers';
import type { BookClient } from '../client';

/** The kinds of records an answer is made from; `all` where nearly every one counts. */
type Of = readonly Kind[] | 'all';

/** A question to the book: what names it, what it is of, how it is asked, what goes on by itself. */
export interface Question<Answer> {
  /** All that decides the answer, but for `moving`. */
  readonly key: readonly string[];
  /** A change of any other kind leaves the answer as it is. */
  readonly of: Of;
  readonly ask: (client: BookClient) => Promise<Answer>;
  /** The time, or a page's length: while the next answer comes, the last one of the same key stays. */
  readonly moving?: number | undefined;
}

type Quantity = 'ph' | 'ec';
type Found = Parameters<BookClient['foundLookBack']>[2];

/** The question of a key, asked with what it names. */
const question = <Answer>(
  key: Question<Answer>['key'],
  of: Of,
  ask: Question<Answer>['ask'],
  moving?: number,
): Question<Answer> => ({ key, of, ask, moving });

/** What the numbers of a pen are made from. */
const OF_PENS: readonly Kind[] = [
  'pen',
  'session',
  'benchDraft',
  'careEvent',
  'probe',
  'controlReading',
  'comparison',
  'lot',
  'reading',
  'tank',
  'addition',
];
/** What the numbers of a tank are made from: its pens, and all that went in. */
const OF_TANKS: readonly Kind[] = [
  ...OF_PENS.filter((kind) => kind !== 'benchDraft'),
  'water',
  'product',
  'jarTest',
];

/** Every question a screen asks, each with its key beside it. */
export const questions = {
  rows: <K extends Kind>(kind: K) =>
    question(['rows', kind], [kind], (client) => client.rows(kind) as Promise<readonly Row<K>[]>),
  health: (nowMs: number) => question(['health'], 'all', (client) => client.health(nowMs), nowMs),
  practiceRuns: () => question(['practiceRuns'], [], (client) => client.practiceRuns()),
  conflicts: () => question(['conflicts'], 'all', (client) => client.conflicts()),
  erasable: (wish: EraseWish, nowMs: number) =>
    question(
      [
        'erasable',
        String(wish.untilMs),
        String(wish.fromMs ?? ''),
        wish.tankId ?? '',
        wish.penId ?? '',
      ],
      'all',
      (client) => client.erasable(wish, nowMs),
      nowMs,
    ),
  intakes: () => question(['intakes'], ['intake'], (client) => client.intakes()),
  labels: () => question(['labels'], ['tank', 'pen', 'lot'], (client) => client.labels()),
  settings: () => question(['settings'], ['setting', 'person'], (client) => client.settings()),
  timers: (nowMs: number) => question(['timers'], 'all', (client) => client.timers(nowMs), nowMs),
  round: (nowMs: number) => question(['round'], 'all', (client) => client.round(nowMs), nowMs),
  read: (nowMs: number) =>
    question(
      ['read'],
      [...OF_TANKS, 'benchDraft', 'standing'],
      (client) => client.read(nowMs),
      nowMs,
    ),

  tanks: (nowMs: number) => question(['tanks'], OF_TANKS, (client) => client.tanks(nowMs), nowMs),
  tank: (id: TankId, nowMs: number) =>
    question(['tank', id], OF_TANKS, (client) => client.tank(id, nowMs), nowMs),
  tankHistory: (id: TankId, sample: Sample) =>
    question(['tankHistory', id, sample], OF_TANKS, (client) => client.tankHistory(id, sample)),
  readingsPage: (id: TankId, sample: Sample, count: number) =>
    question(
      ['readingsPage', id, sample],
      OF_TANKS,
      (client) => client.readingsPage(id, sample, count),
      count,
    ),
  waterUse: (id: TankId, nowMs: number) =>
    question(['waterUse', id], OF_TANKS, (client) => client.waterUse(id, nowMs), nowMs),
  dose: (id: TankId, nowMs: number) =>
    question(['dose', id], OF_TANKS, (client) => client.dose(id, nowMs), nowMs),
  dosePlan: (id: TankId, wish: DoseWish, nowMs: number) =>
    question(
      [
        'dosePlan',
        id,
        wish.productId,
        String(wish.aimPh ?? ''),
        String(wish.chasingAccepted),
        String(wish.neverChanged),
      ],
      OF_TANKS,
      (client) => client.dosePlan(id, wish, nowMs),
      nowMs,
    ),
  ecDose: (id: TankId, nowMs: number) =>
    question(['ecDose', id], OF_TANKS, (client) => client.ecDose(id, nowMs), nowMs),

  pens: (nowMs: number) => question(['pens'], OF_PENS, (client) => client.pens(nowMs), nowMs),
  pen: (id: PenId, nowMs: number) =>
    question(['pen', id], OF_PENS, (client) => client.pen(id, nowMs), nowMs),
  lookBack: (penId: PenId, quantity: Quantity, checkMs?: number) =>
    question(['lookBack', penId, quantity, String(checkMs ?? '')], OF_TANKS, (client) =>
      client.lookBack(penId, quantity, checkMs),
    ),
  foundLookBack: (penId: PenId, quantity: Quantity, found: Found) =>
    question(['foundLookBack', penId, quantity, JSON.stringify(found)], OF_TANKS, (client) =>
      client.foundLookBack(penId, quantity, found),
    ),

  shelf: (nowMs: number) => question(['shelf'], ['lot'], (client) => client.shelf(nowMs), nowMs),
  shopping: (nowMs: number) =>
    question(['shopping'], ['lot', 'pen', 'session'], (client) => client.shopping(nowMs), nowMs),
  products: () => question(['products'], ['product', 'addition'], (client) => client.products()),

  ledger: (query: LedgerQuery, part: LedgerPart) =>
    question(['ledger', JSON.stringify(query), String(part.skip)], 'all', (client) =>
      client.ledger(query, part),
    ),
  penSheets: (fromMs: number, toMs: number, penId?: PenId) =>
    question(['penSheets', String(fromMs), String(toMs), penId ?? ''], 'all', (client) =>
      client.penSheets(fromMs, toMs, penId),
    ),
  bookNames: () => question(['bookNames'], 'all', (client) => client.bookNames()),
  entry: (id: RecordId) => question(['entry', id], 'all', (client) => client.entry(id)),
} as const;

/** Whether a change of these kinds bears on an answer of those; one that does not say is asked anew. */
export const bearsOn = (changed: readonly Kind[], of: unknown): boolean =>
  changed.length === 0 || !Array.isArray(of) || changed.some((kind) => of.includes(kind));
