import { LEDGER_KINDS, type LedgerKind, type LedgerQuery } from '@/book/answers';
import type { BenchEvent } from '@/core/procedure';
import type { Table } from '@/interchange/tables';
import type { BookState } from './bookState';
import { ledgerFound } from './ledgerAnswer';
import type { Column, Placed } from './outColumn';
import {
  ADDITIONS,
  CARE,
  COMPARISONS,
  CONTROLS,
  JARS,
  LOTS,
  PROBES,
  READINGS,
  SKIPS,
  TRIES,
  type Read,
} from './outColumns';
import { readingRow } from './readingRow';
import { spare } from './spare';

/** The live records of a kind that pass a query, oldest first. */
function found<K extends LedgerKind>(
  book: BookState,
  kind: K,
  query: LedgerQuery,
): readonly Placed<K>[] {
  return [...ledgerFound(book, { ...query, kind })].reverse().flatMap((entry) => {
    const record = book.recordIf(kind, entry.id);
    return record ? [{ book, record }] : [];
  });
}

function tableOf<Of>(
  [name, title]: readonly [name: string, title: string],
  columns: readonly Column<Of>[],
  rows: readonly Of[],
): Table {
  return {
    name,
    title,
    fields: columns.map(({ of: _of, ...field }) => field),
    rows: rows.map((row) => columns.map(({ of }) => of(row) ?? null)),
  };
}

/** How the entries of each kind leave the book. */
const TABLES: {
  readonly [K in LedgerKind]: (book: BookState, query: LedgerQuery) => Table;
} = {
  reading: (book, query) =>
    tableOf(
      ['readings', 'Readings'],
      READINGS,
      found(book, 'reading', query).map((row): Read => ({
        ...row,
        judged: spare(
          book,
          '',
          () => readingRow(book, row.record),
          () => undefined,
        ),
      })),
    ),
  session: (book, query) =>
    tableOf(
      ['checks', 'Checks, a row for each try'],
      TRIES,
      found(book, 'session', query).flatMap((row) =>
        (row.record.body.events as readonly BenchEvent[]).flatMap((event, at) =>
          event.type === 'read' ? [{ ...row, event, at }] : [],
        ),
      ),
    ),
  addition: (book, query) =>
    tableOf(['doses', 'Doses and water'], ADDITIONS, found(book, 'addition', query)),
  jarTest: (book, query) =>
    tableOf(
      ['jar-tests', 'Jar tests, a row for each step'],
      JARS,
      found(book, 'jarTest', query).flatMap((row) =>
        row.record.body.points.map((_point, at) => ({ ...row, at })),
      ),
    ),
  careEvent: (book, query) => tableOf(['care', 'Care'], CARE, found(book, 'careEvent', query)),
  controlReading: (book, query) =>
    tableOf(['controls', 'House control'], CONTROLS, found(book, 'controlReading', query)),
  comparison: (book, query) =>
    tableOf(['comparisons', 'Comparisons'], COMPARISONS, found(book, 'comparison', query)),
  probe: (book, query) => tableOf(['probes', 'Probes'], PROBES, found(book, 'probe', query)),
  lot: (book, query) => tableOf(['lots', 'Lots'], LOTS, found(book, 'lot', query)),
  skip: (book, query) =>
    tableOf(['passed-by', 'Stops passed by'], SKIPS, found(book, 'skip', query)),
};

/** The entries of one kind that pass a query, as a table. */
export const outTable = (book: BookState, kind: LedgerKind, query: LedgerQuery): Table =>
  TABLES[kind](book, query);

/** The entries of every kind that pass a query, each kind a table. */
export const outTables = (book: BookState, query: LedgerQuery): readonly Table[] =>
  LEDGER_KINDS.filter((kind) => query.kind === undefined || query.kind === kind).map((kind) =>
    outTable(book, kind, query),
  );
