import type { ReadingRow } from '@/book/answers';
import type { Leaving } from '@/core/forecast';
import { sideOfVerdict } from '@/core/look-back';
import type { JudgedValue } from '@/core/readings';
import { ago, leavingSentence, shortDay, type Formats } from '@/words';

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

/** One line of the table of readings. */
export interface HistoryLine {
  readonly id: string;
  readonly when: string;
  readonly ph: string;
  readonly ec: string;
  readonly temp: string;
  readonly by: string;
}

/** The table of a tank's readings: corrected values with their ±. */
export function historyLines(
  readings: readonly ReadingRow[],
  formats: Formats,
): readonly HistoryLine[] {
  const pairText = (pair: { value: string; plusMinus: string } | undefined) =>
    pair ? `${pair.value} ± ${pair.plusMinus}` : '–';
  return readings.map((reading) => {
    const ph = reading.ph?.judged;
    const ec = reading.ec?.judged;
    return {
      id: reading.id,
      when: shortDay(reading.atMs),
      ph: pairText(ph && formats.phPair(ph.value, ph.budget.expandedU)),
      ec: pairText(ec && formats.ecPair(ec.value, ec.budget.expandedU)),
      temp: reading.tempC === undefined ? '–' : formats.temp(reading.tempC),
      by: reading.by,
    };
  });
}
