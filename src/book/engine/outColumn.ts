import { isoMoment, type Cell, type Field } from '@/interchange/tables';
import type { Kind, LotId } from '@/records';
import type { BookState, LiveRecord } from './bookState';

/** A column with what stands in it. */
export type Column<Of> = Field & { readonly of: (row: Of) => Cell | undefined };

/** A column of texts. */
export const text = <Of>(name: string, title: string, of: Column<Of>['of']): Column<Of> => ({
  name,
  title,
  type: 'string',
  of,
});
/** A column of numbers, in a unit where they have one. */
export const number = <Of>(
  name: string,
  [title, unit]: readonly [title: string, unit: string],
  of: Column<Of>['of'],
): Column<Of> => ({ name, title, ...(unit ? { unit } : {}), type: 'number', of });
/** A column of UTC instants. */
export const moment = <Of extends Placed>(
  name: string,
  title: string,
  of: (row: Of) => string | number | undefined,
): Column<Of> => ({
  name,
  title,
  type: 'datetime',
  of: (row) => {
    const at = of(row);
    const ms = typeof at === 'string' ? Date.parse(at) : at;
    return ms === undefined || Number.isNaN(ms) ? null : isoMoment(ms, row.record.head.zone);
  },
});

/** A record where it stands: every row of a table comes from one. */
export interface Placed<K extends Kind = Kind> {
  readonly book: BookState;
  readonly record: LiveRecord<K>;
}

/** The id of the entry. */
export const id: Column<Placed> = text('id', 'id', ({ record }) => record.id);
/** Who wrote what stands now. */
export const by: Column<Placed> = text('by', 'by', ({ record }) => record.head.by);
/** What was noted. */
export const note = <Of extends Placed>(): Column<Of> =>
  text('note', 'note', ({ record }) => (record.body as { note?: string }).note ?? '');
/** The code of a pen the row names. */
export const pen = <Of extends Placed>(
  name: string,
  of: (row: Of) => string | undefined,
): Column<Of> =>
  text(name, name.replaceAll('_', ' '), (row) => {
    const penId = of(row);
    return penId && (row.book.record('pen', penId)?.body.code ?? '');
  });
/** The name of a tank the row names. */
export const tank = <Of extends Placed>(of: (row: Of) => string): Column<Of> =>
  text('tank', 'tank', (row) => row.book.record('tank', of(row))?.body.name ?? '');
/** The code printed on a lot; empty where none is named or it is gone. */
export const lotCode = (book: BookState, lotId: LotId | undefined) =>
  lotId === undefined ? undefined : book.record('lot', lotId)?.body.lotCode;
