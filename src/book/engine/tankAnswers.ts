import type {
  AdditionRow,
  ExpectedNow,
  ReadAnswer,
  ReadingRow,
  ReadingsPage,
  StageChange,
  ReservoirAnswer,
  TankAnswer,
  TankHistoryAnswer,
} from '@/book/answers';
import { MINUTE_MS } from '@/core/units';
import type { PenId, TankId } from '@/records';
import { isReservoir, SAMPLES, usualSample, type Sample } from '@/records/kinds';
import { additionsOf, mixingIn, type TimedAddition } from './additions';
import type { BookState, LiveRecord } from './bookState';
import { pensThere } from './penAnswers';
import { readingRow } from './readingRow';
import { newestReadings, readingCount } from './readingsOf';
import { tankColumns } from './tankColumns';
import { secondWaitedFor } from './secondReading';
import { spare } from './spare';
import { stageAt, stageDays, tankHeldAt } from './tankHeld';
import { standings } from './timersAnswer';
import { expectedNow, leavingOf } from './tankOutlook';

/** An addition as a row. */
export function additionRow({ record, atMs }: TimedAddition): AdditionRow {
  return { id: record.id, revId: record.head.revId, body: record.body, atMs, by: record.head.by };
}

/** Rows of the newest readings of a tank. */
function rowsOf(
  book: BookState,
  tankId: TankId,
  count: number,
  sample: Sample = 'tank',
): ReadingRow[] {
  const newest = newestReadings(book, { tankId, sample }, count);
  return newest.flatMap((reading) => readingRow(book, reading) ?? []);
}

/** The newest reading of a tank as a row. */
const newestRow = (book: BookState, tankId: TankId, sample: Sample): ReadingRow | undefined =>
  book.remember(`newest/${sample}/${tankId}`, () => rowsOf(book, tankId, 1, sample)[0]);

/** All tanks in the order of the round. */
export const inOrder = (book: BookState): readonly LiveRecord<'tank'>[] =>
  book.remember('tanksInOrder', () =>
    [...book.all('tank')].sort((a, b) => a.body.place - b.body.place || (a.id < b.id ? -1 : 1)),
  );

/** A tank with its newest reading, its number in the round, and where it goes. */
function tankNow(
  book: BookState,
  record: LiveRecord<'tank'>,
  { number, nowMs }: { readonly number: number; readonly nowMs: number },
): TankAnswer {
  const { id, head, body: written } = record;
  const body = tankHeldAt(book, record, nowMs);
  const mixing = mixingIn(book, id, nowMs);
  const common = {
    id,
    revId: head.revId,
    body,
    written,
    fromMs: head.effectiveFrom === undefined ? undefined : Date.parse(head.effectiveFrom),
    stageDay: stageAt(book, written, nowMs)?.day,
    number,
    mixing: mixing && additionRow(mixing),
  };
  return spare(
    book,
    body.name,
    () => {
      const latest = newestRow(book, id, usualSample(body));
      return {
        ...common,
        latest,
        leaving: isReservoir(body) ? leavingOf(book, id, nowMs) : {},
        readAgainMs:
          mixing || !isReservoir(body)
            ? undefined
            : secondWaitedFor(book, id, { body, latest }, nowMs),
      };
    },
    () => ({ ...common, leaving: {} }),
  );
}

/** All tanks in the order of the round, each with its newest reading. */
export const tanksAnswer = (book: BookState, nowMs: number): readonly TankAnswer[] =>
  inOrder(book).map((tank, at) => tankNow(book, tank, { number: at + 1, nowMs }));

/** The tanks that are walked and read: not those out of use. */
export const tanksInUse = (book: BookState, nowMs: number): readonly TankAnswer[] =>
  tanksAnswer(book, nowMs).filter(({ body }) => !body.retired);

/** One tank; null when it is not in the book. */
export function tankAnswer(book: BookState, id: TankId, nowMs: number): TankAnswer | null {
  const at = inOrder(book).findIndex((tank) => tank.id === id);
  const tank = inOrder(book)[at];
  return tank ? tankNow(book, tank, { number: at + 1, nowMs }) : null;
}

/** One tank that holds something; null when it is not in the book, or is a place without a tank. */
export function reservoirAnswer(
  book: BookState,
  id: TankId,
  nowMs: number,
): ReservoirAnswer | null {
  const tank = tankAnswer(book, id, nowMs);
  return tank && isReservoir(tank.body) ? { ...tank, body: tank.body } : null;
}

/** What Read needs: tanks, pens with their state now, and the pens last used on each tank. */
export function readAnswer(book: BookState, nowMs: number): ReadAnswer {
  const remembered: Record<string, { phPenId?: PenId; ecPenId?: PenId; sample?: Sample }> = {};
  const expected: Record<string, ExpectedNow> = {};
  for (const { id, body } of book.all('tank')) {
    const recent = newestReadings(book, { tankId: id, sample: usualSample(body) }, 20);
    const phPenId = recent.find((reading) => reading.body.ph)?.body.ph?.penId;
    const ecPenId = recent.find((reading) => reading.body.ec)?.body.ec?.penId;
    remembered[id] = { phPenId, ecPenId, sample: sampleByUse(book, id) };
    expected[id] = spare(
      book,
      body.name,
      () => (isReservoir(body) ? expectedNow(book, id, nowMs) : {}),
      () => ({}),
    );
  }
  return {
    tanks: tanksInUse(book, nowMs),
    pens: pensThere(book, nowMs),
    remembered,
    expected,
    lastShown: lastShown(book),
    // The page asks by the minute: what was left to stand within it counts.
    standing: Object.fromEntries(
      standings(book, nowMs + MINUTE_MS).map(({ refId, endMs }) => [refId, endMs]),
    ),
  };
}

/** What was read of a tank the last two times, where both were the same. */
function sampleByUse(book: BookState, id: TankId): Sample | undefined {
  const [last, before] = SAMPLES.flatMap((kind) =>
    newestReadings(book, { tankId: id, sample: kind }, 2),
  )
    .map(({ body }) => body)
    .sort((a, b) => (a.takenAt < b.takenAt ? 1 : -1));
  return last?.sampleKind === before?.sampleKind ? last?.sampleKind : undefined;
}

/** How many values of a pen tell whether its display stands still. */
const LAST_SHOWN = 3;

/** The last values each pen displayed, newest first, whatever it was dipped into. */
function lastShown(book: BookState): ReadAnswer['lastShown'] {
  const newest = book
    .all('tank')
    .flatMap(({ id }) =>
      SAMPLES.flatMap((kind) => newestReadings(book, { tankId: id, sample: kind }, LAST_SHOWN)),
    )
    .sort((a, b) => (a.body.takenAt < b.body.takenAt ? 1 : -1));
  const shown: Record<string, { ph: number[]; ec: number[] }> = {};
  for (const { body } of newest) {
    for (const quantity of ['ph', 'ec'] as const) {
      const side = body[quantity];
      if (!side) continue;
      const list = (shown[side.penId] ??= { ph: [], ec: [] })[quantity];
      if (list.length < LAST_SHOWN) list.push(side.shown);
    }
  }
  return shown;
}

/** A page of a tank's readings of one kind of sample, newest first. */
export function readingsPage(
  book: BookState,
  { tankId, sample, count }: { tankId: TankId; sample: Sample; count: number },
): ReadingsPage {
  return {
    rows: rowsOf(book, tankId, count, sample),
    total: readingCount(book, tankId, sample),
  };
}

/** When a tank's crop, stage or bands changed from a moment on, by hand or by its plan. */
function stagesOf(book: BookState, id: TankId): StageChange[] {
  const { revisions = [], body: now } = book.record('tank', id) ?? {};
  const planned = (now ? stageDays(book, now) : []).map(({ atMs, stage }) => ({
    atMs,
    crop: stage.crop,
    stage: stage.stage,
  }));
  const byHand = revisions.flatMap(({ effectiveFrom, body }) =>
    effectiveFrom && body
      ? { atMs: Date.parse(effectiveFrom), crop: body.crop, stage: body.stage }
      : [],
  );
  return [...byHand, ...planned].sort((a, b) => a.atMs - b.atMs);
}

/** A tank's whole history of one kind of sample, for charts. */
export function tankHistoryAnswer(
  book: BookState,
  id: TankId,
  sample: Sample = 'tank',
): TankHistoryAnswer {
  const samples = SAMPLES.map((kind) => ({
    sample: kind,
    count: readingCount(book, id, kind),
  })).filter(({ count }) => count > 0);
  return {
    columns: tankColumns(book, id, sample),
    additions: additionsOf(book, id).map(additionRow),
    stages: stagesOf(book, id),
    samples,
  };
}
