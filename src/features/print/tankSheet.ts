import type { LedgerRow } from '@/book/answers';
import { ledgerLine } from '@/features/book/ledgerViewModel';
import type { EcScale } from '@/core/units';
import {
  dayMonthYear,
  SAMPLE_NAME,
  SCALE_LABEL,
  VERDICT_WORD,
  writeMoment,
  type Formats,
} from '@/words';
import { printSays } from '@/words/print/print';
import type { Sheet } from './sheet';

interface About {
  readonly name: string;
  readonly fromMs: number;
  readonly toMs: number;
  /** Entries of the period, all of them. */
  readonly found: number;
}

function readingCells(row: LedgerRow, formats: Formats): readonly string[][] {
  if (row.kind !== 'reading') return [];
  const { ph, ec, tempC, sample, by } = row.row;
  const value = (judged: NonNullable<typeof ph>['judged'] | undefined, quantity: 'ph' | 'ec') => {
    if (!judged) return '';
    const { expandedU } = judged.budget;
    const pair =
      quantity === 'ph'
        ? formats.phPair(judged.value, expandedU)
        : formats.ecPair(judged.value, expandedU);
    return `${pair.value} ± ${pair.plusMinus}`;
  };
  return [
    [
      `${writeMoment(row.atMs)}, ${by || printSays.nobody}`,
      SAMPLE_NAME[sample],
      ph ? printSays.shownBy(String(ph.shown), ph.penCode) : '',
      value(ph?.judged, 'ph'),
      ph ? VERDICT_WORD[ph.judged.verdict] : '',
      ec ? printSays.shownBy(`${ec.shown} ${SCALE_LABEL[ec.scale as EcScale]}`, ec.penCode) : '',
      value(ec?.judged, 'ec'),
      ec?.judged ? VERDICT_WORD[ec.judged.verdict] : '',
      tempC === undefined ? '' : formats.temp(tempC),
    ],
  ];
}

/** Readings and all that was poured, of one tank over a period, oldest first. */
export function tankSheet(
  rows: readonly LedgerRow[],
  { name, fromMs, toMs, found }: About,
  formats: Formats,
): Sheet {
  const oldest = [...rows].reverse();
  return {
    title: printSays.tankTitle(name),
    about: printSays.period(dayMonthYear(fromMs), dayMonthYear(toMs)),
    blocks: [
      ...(found > rows.length
        ? [{ kind: 'text' as const, text: printSays.notAll(rows.length, found) }]
        : []),
      {
        kind: 'table',
        caption: printSays.readings,
        heads: [
          printSays.whenBy,
          printSays.sample,
          printSays.phShown,
          printSays.phTrue,
          printSays.verdict,
          printSays.ecShown,
          printSays.ecTrue(formats.ecUnit),
          printSays.verdict,
          printSays.temperature,
        ],
        rows: oldest.flatMap((row) => readingCells(row, formats)),
        empty: printSays.noReadings,
      },
      {
        kind: 'table',
        caption: printSays.poured,
        heads: [printSays.whenBy, printSays.what, printSays.amount],
        rows: oldest.flatMap((row) => {
          if (row.kind === 'reading') return [];
          const { title, detail } = ledgerLine(row, formats);
          return [
            [
              `${writeMoment(row.atMs)}, ${row.row.by || printSays.nobody}`,
              title.replace(`${name}: `, ''),
              detail,
            ],
          ];
        }),
        empty: printSays.nothingPoured,
      },
    ],
  };
}
