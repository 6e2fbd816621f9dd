import type { LedgerRow } from '@/book/answers';
import { OUTCOME_SENTENCE, sessionLine } from '@/features/pens/penViewModel';
import {
  ADDITION_WORD,
  CARE_WORD,
  additionLine,
  careDetail,
  clock,
  kindName,
  shortDay,
  VERDICT_WORD,
  type Formats,
} from '@/words';
import { paths, type Path } from '@/shell/navigation/paths';
import { besideSays } from '@/words/book/beside';
import { comparedWords } from '@/words/pens/compare';
import { SKIP_WORD } from '@/words/round/stopWords';

/** One line of the Book, in words. */
export interface LedgerLine {
  readonly id: string;
  readonly time: string;
  readonly title: string;
  readonly detail: string;
  readonly href: Path;
}

/** The lines of one day. */
export interface LedgerDay {
  readonly day: string;
  readonly lines: readonly LedgerLine[];
}

/** One entry in words. */
export function ledgerLine(entry: LedgerRow, formats: Formats): LedgerLine {
  const { row } = entry;
  const time = `${clock(entry.atMs)}${row.by ? ` ${row.by}` : ''}`;
  if (entry.kind === 'session') {
    const { penCode, body } = entry.row;
    return {
      id: row.id,
      time,
      title: `${penCode} ${body.plan.quantity === 'ph' ? 'pH' : 'EC'} checked. ${OUTCOME_SENTENCE[body.outcome]}`,
      detail: sessionLine(entry.row, formats),
      href: paths.entry(row.id),
    };
  }
  if (entry.kind === 'voided') {
    const { recordKind, about, why } = entry.row;
    const name = [about, kindName(recordKind).toLowerCase()].filter(Boolean).join(': ');
    return { id: row.id, time, title: `${name}, voided`, detail: why, href: paths.entry(row.id) };
  }
  if (entry.kind === 'comparison') {
    const { penCode, body } = entry.row;
    const title = besideSays.compared(penCode);
    const href = paths.pen(body.penId);
    return { id: row.id, time, title, detail: comparedWords(entry.row, formats), href };
  }
  if (entry.kind === 'control') {
    const { penCode, penId, body } = entry.row;
    const detail = besideSays.control({
      shown: formats.number(body.shown, 2),
      nominal: formats.number(body.nominalPh, 2),
      temp: formats.temp(body.tempC),
    });
    const href = paths.control(penId);
    return { id: row.id, time, title: besideSays.inControl(penCode), detail, href };
  }
  if (entry.kind === 'skip') {
    const { about, why } = entry.row;
    const title = besideSays.passedBy(about);
    return { id: row.id, time, title, detail: SKIP_WORD[why], href: paths.round };
  }
  if (entry.kind === 'care') {
    const { penCode, body } = entry.row;
    const detail = [careDetail(body), body.note].filter(Boolean).join(' · ');
    return {
      id: row.id,
      time,
      title: `${penCode}: ${CARE_WORD[body.what]}`,
      detail,
      href: paths.entry(row.id),
    };
  }
  if (entry.kind === 'addition') {
    const { tankName, body } = entry.row;
    const title = `${tankName}: ${ADDITION_WORD[body.what]}`;
    return {
      id: row.id,
      time,
      title,
      detail: additionLine(body, formats),
      href: paths.entry(row.id),
    };
  }
  const { tankName, ph, ec, tempC } = entry.row;
  const phText =
    ph &&
    `pH ${formats.ph(ph.judged.value)} ${VERDICT_WORD[ph.judged.verdict]} (${ph.penCode} showed ${formats.number(ph.shown, 2)})`;
  const ecText =
    ec?.judged &&
    `EC ${formats.ec(ec.judged.value)} ${formats.ecUnit} ${VERDICT_WORD[ec.judged.verdict]}`;
  const tempText = tempC === undefined ? undefined : formats.temp(tempC);
  return {
    id: row.id,
    time,
    title: tankName,
    detail: [phText, ecText, tempText].filter(Boolean).join(' · '),
    href: paths.entry(row.id),
  };
}

/** The Book by days, newest first. */
export function ledgerDays(rows: readonly LedgerRow[], formats: Formats): readonly LedgerDay[] {
  const days = new Map<string, LedgerLine[]>();
  for (const row of rows) {
    const day = shortDay(row.atMs);
    days.set(day, [...(days.get(day) ?? []), ledgerLine(row, formats)]);
  }
  return [...days].map(([day, lines]) => ({ day, lines }));
}
