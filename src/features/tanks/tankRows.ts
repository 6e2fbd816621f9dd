import type { TankAnswer } from '@/book/answers';
import { hasNumber, type JudgedValue } from '@/core/readings';
import type { TableCell, TableHead, TableRow } from '@/features/parts/DataTable';
import { outlookOf } from '@/words/tanks/tankLines';
import { ago, judgedWords, QUANTITY_NAME, type Formats } from '@/words';
import { historySays } from '@/words/tanks/history';
import { tanksSays } from '@/words/tanks/tanks';
import { paths } from '@/shell/navigation/paths';

/** Columns of the table of all tanks. */
export const TANK_HEADS = (formats: Formats): readonly TableHead[] => [
  { title: tanksSays.headTank, width: 5 },
  { title: QUANTITY_NAME.ph, width: 4, mono: true },
  { title: tanksSays.headVerdict, width: 3 },
  { title: historySays.ecIn(formats.ecUnit), width: 4, mono: true },
  { title: tanksSays.headEcVerdict, width: 3 },
  { title: tanksSays.headPhGoes, width: 5 },
  { title: tanksSays.headRead, width: 3 },
];

const NONE: TableCell = { text: '–', sort: -1 };

function pairCell(
  judged: JudgedValue | undefined,
  write: (value: number, u: number) => { value: string; plusMinus: string },
): TableCell {
  if (!judged) return NONE;
  if (!hasNumber(judged.standing)) return { text: judgedWords(judged, '').word, sort: -1 };
  const { value, plusMinus } = write(judged.value, judged.budget.expandedU);
  return { text: `${value} ± ${plusMinus}`, sort: judged.value };
}

function verdictCell(judged: JudgedValue | undefined): TableCell {
  if (!judged) return NONE;
  const { tone, word } = judgedWords(judged, '');
  return { text: word, sort: word, tone };
}

/** One row a tank. */
export function tankRows(
  tanks: readonly TankAnswer[],
  formats: Formats,
  nowMs: number,
): readonly TableRow[] {
  return tanks.map(({ id, body, latest, leaving }) => {
    const ph = latest?.ph?.judged;
    const ec = latest?.ec?.judged;
    return {
      id,
      href: paths.tank(id),
      cells: [
        { text: body.name, sort: body.name.toLowerCase() },
        pairCell(ph, formats.phPair),
        verdictCell(ph),
        pairCell(ec, formats.ecPair),
        verdictCell(ec),
        {
          text: (ph && outlookOf(ph, leaving.ph, nowMs)) || '–',
          sort: leaving.ph?.atMs ?? Infinity,
        },
        latest ? { text: ago(latest.atMs, nowMs), sort: latest.atMs } : NONE,
      ],
    };
  });
}
