import {
  LEDGER_KINDS,
  LEDGER_VERDICTS,
  type BookNames,
  type LedgerQuery,
  type NamedRecord,
} from '@/book/answers';
import type { RecordId } from '@/records';
import { dayMonthYear } from '@/words';
import { kindsName } from '@/words/kindWords';
import { findSays, VERDICT_FOUND } from '@/words/book/find';

/** What stands behind the question mark of the Book's address. */
export type BookParams = Partial<
  Record<'words' | 'kind' | 'tank' | 'pen' | 'lot' | 'by' | 'verdict' | 'from' | 'to', string>
>;

/** Longest text of an address that is asked for, letters. */
const LONGEST = 200;

const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;

/** The first moment of so many local days after a day of the address, epoch ms; undefined for no day. */
function dayOf(text: string | undefined, after = 0): number | undefined {
  const parts = DAY.exec(text ?? '')
    ?.slice(1)
    .map(Number);
  if (!parts) return undefined;
  const [year = 0, month = 0, day = 0] = parts;
  return new Date(year, month - 1, day + after).getTime();
}

const oneOf = <T extends string>(all: readonly T[], text: string | undefined) =>
  all.find((one) => one === text);

/** The query an address asks; what it says that nobody knows is left out. */
export function queryOf(params: BookParams): LedgerQuery {
  const { words, kind, tank, pen, lot, by, verdict, from, to } = params;
  const next = dayOf(to, 1);
  const query: LedgerQuery = {
    words: words?.trim().slice(0, LONGEST) || undefined,
    kind: oneOf(LEDGER_KINDS, kind),
    tankId: tank?.slice(0, LONGEST),
    penId: pen?.slice(0, LONGEST),
    lotId: lot?.slice(0, LONGEST),
    by: by?.slice(0, LONGEST),
    verdict: oneOf(LEDGER_VERDICTS, verdict),
    fromMs: dayOf(from),
    toMs: next === undefined ? undefined : next - 1,
  };
  return Object.fromEntries(Object.entries(query).filter(([, value]) => value !== undefined));
}

/** What is being shown, in one line. */
export function filterLine(query: LedgerQuery, names: BookNames): string {
  const nameOf = (list: readonly NamedRecord[], id: RecordId | undefined) =>
    id && (list.find((one) => one.id === id)?.name ?? findSays.gone);
  const { words, kind, tankId, penId, lotId, by, verdict, fromMs, toMs } = query;
  return [
    kind && kindsName(kind),
    nameOf(names.tanks, tankId),
    nameOf(names.pens, penId),
    lotId && findSays.lot(nameOf(names.lots, lotId) ?? ''),
    by && findSays.by(by),
    verdict && VERDICT_FOUND[verdict],
    words && findSays.withWords(words),
    fromMs === undefined ? undefined : findSays.from(dayMonthYear(fromMs)),
    toMs === undefined ? undefined : findSays.to(dayMonthYear(toMs)),
  ]
    .filter(Boolean)
    .join(' · ');
}
