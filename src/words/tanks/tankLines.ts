import type { AdditionRow, ReadingRow } from '@/book/answers';
import type { Leaving } from '@/core/forecast';
import { sideOfVerdict } from '@/core/look-back';
import { hasNumber, type JudgedValue } from '@/core/readings';
import {
  ADDITION_WORD,
  additionLine,
  ago,
  judgedWords,
  leavingSentence,
  shortDay,
  type Formats,
} from '@/words';

/** What stands beside a tank's newest value: what the pen showed, which pen, when. */
export function shownLine(
  reading: ReadingRow,
  quantity: 'ph' | 'ec',
  { formats, nowMs }: { readonly formats: Formats; readonly nowMs: number },
): string {
  const side = quantity === 'ph' ? reading.ph : reading.ec;
  if (!side) return '';
  const digits = quantity === 'ph' ? 2 : side.shown >= 100 ? 0 : 2;
  const shown = formats.number(side.shown, digits);
  const unit = quantity === 'ec' && reading.ec ? ` ${reading.ec.scale}` : '';
  return `${side.penCode} showed ${shown}${unit}, ${ago(reading.atMs, nowMs)}`;
}

/** Where it goes, said only of a value that lies in its band: what can't be told goes nowhere. */
export function outlookOf(
  { verdict }: JudgedValue,
  leaving: Leaving | undefined,
  nowMs: number,
): string {
  return sideOfVerdict(verdict) === 'in' ? leavingSentence(leaving, nowMs) : '';
}

/** One line of the table of readings: a reading's cells, or what was poured across them. */
export interface HistoryLine {
  readonly id: string;
  readonly cells: readonly string[];
  /** The first cell, then one text over all the others. */
  readonly across?: boolean;
}

/** A reading as cells: day, pH, EC, temperature, who. */
function readingCells(reading: ReadingRow, formats: Formats): readonly string[] {
  const pairText = (
    judged: JudgedValue | undefined,
    write: (value: number, u: number) => { value: string; plusMinus: string },
  ) => {
    if (!judged) return '–';
    const { value, plusMinus } = write(judged.value, judged.budget.expandedU);
    return hasNumber(judged.standing) ? `${value} ± ${plusMinus}` : judgedWords(judged, '').word;
  };
  const ph = reading.ph?.judged;
  const ec = reading.ec?.judged;
  return [
    shortDay(reading.atMs),
    pairText(ph, formats.phPair),
    pairText(ec, formats.ecPair),
    reading.tempC === undefined ? '–' : formats.temp(reading.tempC),
    reading.by,
  ];
}

/** What stands beside a reading: a laboratory's value with its difference, how often it was dipped, a note. */
export function besideReading({ lab, ph, ec, note }: ReadingRow, formats: Formats): string {
  const from = (theirs: number, ours: number | undefined, write: (value: number) => string) => {
    if (ours === undefined) return write(theirs);
    const apart = write(Math.abs(theirs - ours));
    return `${write(theirs)}, ${apart} ${theirs < ours ? 'below' : 'above'} ours`;
  };
  const two = (value: number) => formats.number(value, 2);
  const dips = Math.max(ph?.dips ?? 0, ec?.dips ?? 0);
  return [
    lab?.ph === undefined ? '' : `laboratory pH ${from(lab.ph, ph?.judged.value, two)}`,
    lab?.ecMsPerCm === undefined
      ? ''
      : `laboratory EC ${from(lab.ecMsPerCm, ec?.judged?.value, formats.ec)} ${formats.ecUnit}`,
    dips > 1 ? `mean of ${dips} dips` : '',
    note,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** A tank's past as lines, newest first: readings, and between them what was poured. */
export function historyLines(
  readings: readonly ReadingRow[],
  additions: readonly AdditionRow[],
  { formats, complete }: { readonly formats: Formats; readonly complete: boolean },
): readonly HistoryLine[] {
  const oldest = readings.at(-1)?.atMs ?? Infinity;
  const reads = readings.flatMap((row) => {
    const beside = besideReading(row, formats);
    const line: HistoryLine = { id: row.id, cells: readingCells(row, formats) };
    const more: HistoryLine = { id: `${row.id}-more`, cells: ['', beside], across: true };
    return (beside ? [line, more] : [line]).map((each) => ({ atMs: row.atMs, line: each }));
  });
  const poured = additions
    .filter(({ atMs }) => complete || atMs >= oldest)
    .map(({ id, atMs, body, by }) => {
      const word = ADDITION_WORD[body.what];
      const text = [word, additionLine(body, formats), by].filter(Boolean).join(' · ');
      return { atMs, line: { id, cells: [shortDay(atMs), text], across: true } };
    });
  return [...reads, ...poured].sort((a, b) => b.atMs - a.atMs).map(({ line }) => line);
}
