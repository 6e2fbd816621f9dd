import type { BroughtCheck, BroughtReading, TablePreview } from '@/book/answers';
import type { JudgedValue } from '@/core/readings';
import { outcomeSentence } from '@/words/bench/benchWords';
import {
  clock,
  dayMonthYear,
  judgedWords,
  SCALE_LABEL,
  type Formats,
  QUANTITY_NAME,
} from '@/words';
import { intakeSays } from '@/words/intake/intake';
import { REASON_WORD, troubleSentence } from '@/words/intake/rowTroubles';

/** A line of the preview. */
export interface IntakeLine {
  readonly key: string;
  readonly day: string;
  readonly time: string;
  readonly title: string;
  readonly detail: string;
}

interface ShownSide {
  readonly shown: number;
  readonly judged: JudgedValue | undefined;
  /** What it was shown in; pH has none. */
  readonly unit?: string;
}

/** What a side is worth: its value with ± and its verdict, or why there is none. */
function sideText(
  quantity: 'ph' | 'ec',
  { shown, judged, unit: shownIn }: ShownSide,
  formats: Formats,
): string {
  const bare = `${QUANTITY_NAME[quantity]} ${shown}${shownIn ? ` ${shownIn}` : ''} shown`;
  if (!judged) return bare;
  const u = judged.budget.expandedU;
  const { value, plusMinus } =
    quantity === 'ph' ? formats.phPair(judged.value, u) : formats.ecPair(judged.value, u);
  const { word } = judgedWords(judged, plusMinus);
  if (!Number.isFinite(u)) return `${bare}, ${word}`;
  const unit = quantity === 'ph' ? '' : ` ${formats.ecUnit}`;
  return `${QUANTITY_NAME[quantity]} ${value} ± ${plusMinus}${unit}, ${word}`;
}

/** A reading of a table as one line of the preview. */
export const readingLine = (row: BroughtReading, formats: Formats): IntakeLine => ({
  key: String(row.line),
  day: dayMonthYear(row.atMs),
  time: clock(row.atMs),
  title: row.place,
  detail: [
    row.ph ? sideText('ph', row.ph, formats) : '',
    row.ec ? sideText('ec', { ...row.ec, unit: SCALE_LABEL[row.ec.scale] }, formats) : '',
  ]
    .filter(Boolean)
    .join(' · '),
});

/** A check of a table as one line of the preview. */
export const checkLine = (row: BroughtCheck): IntakeLine =>
  checkIn(row, row.scale ? ` ${SCALE_LABEL[row.scale]}` : ' pH');

const checkIn = (row: BroughtCheck, unit: string): IntakeLine => ({
  key: String(row.line),
  day: dayMonthYear(row.atMs),
  time: clock(row.atMs),
  title: `${QUANTITY_NAME[row.quantity]}: ${outcomeSentence(row.outcome, row.pen)}`,
  detail: row.cups
    .map(({ nominal, found, left }) =>
      [
        row.quantity === 'ph' ? `${nominal.toFixed(2)} buffer` : `${nominal} mS/cm standard`,
        intakeSays.found(`${found}${unit}`),
        ...(left === undefined ? [] : [intakeSays.left(`${left}${unit}`)]),
      ].join(' '),
    )
    .join(' · '),
});

/** What taking the table in would do, in sentences. */
export function previewSentences(preview: TablePreview): readonly string[] {
  const { ready, subject, fromMs, toMs, doubled, dayOnly } = preview;
  return [
    ready > 0 ? intakeSays.ready(ready, subject) : intakeSays.none,
    ...(fromMs !== undefined && toMs !== undefined ? [intakeSays.span(fromMs, toMs)] : []),
    ...(dayOnly > 0 ? [intakeSays.dayOnly(dayOnly)] : []),
    ...(doubled > 0 ? [intakeSays.doubled(doubled)] : []),
  ];
}

/** Why rows are not taken in: how often each reason, then the first lines. */
export function rejectedLines({ reasons, firstRejected }: TablePreview): readonly string[] {
  return [
    ...reasons.map(({ reason, count }) => intakeSays.reasonLine(REASON_WORD[reason], count)),
    ...firstRejected
      .slice(0, 5)
      .map(({ line, trouble }) => intakeSays.line(line, troubleSentence(trouble))),
  ];
}
