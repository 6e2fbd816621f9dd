import { useAnswer, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { EmptyPlace } from '@/features/parts/EmptyPlace';
import { DataTable, type TableHead } from '@/features/parts/DataTable';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { ago, PEN_TONE, PEN_WORD, QUANTITY_NAME } from '@/words';
import { dueLine, errorLine, pensSummary } from '@/words/pens/penLines';
import { paths } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { pensSays } from '@/words/pens/pens';

const HEADS: readonly TableHead[] = [
  { title: commonSays.pen, width: 5 },
  { title: pensSays.state, width: 3 },
  { title: pensSays.error, width: 6, mono: true },
  { title: pensSays.lastCheck, width: 3 },
  { title: pensSays.next, width: 4 },
];

/** All pens side by side: state, error, when they are due. */
export function PensTable() {
  const nowMs = useNowMs();
  const formats = useFormats();
  const { data: pens } = useAnswer(questions.pens(nowMs));
  if (!pens) return <Skeleton label={pensSays.loadingPens} />;
  if (pens.length === 0) return <EmptyPlace place="pens" />;
  const rows = pens.flatMap((pen) =>
    pen.sides.map((side) => {
      const name = `${pen.body.code} ${QUANTITY_NAME[side.quantity]} · ${pen.body.name}`;
      const last = side.lastCheckMs;
      return {
        id: `${pen.id}-${side.quantity}`,
        href: paths.pen(pen.id),
        cells: [
          { text: name, sort: name },
          { text: PEN_WORD[side.word], sort: PEN_WORD[side.word], tone: PEN_TONE[side.word] },
          { text: errorLine(side, formats), sort: Math.abs(side.error?.error ?? Infinity) },
          { text: last === undefined ? 'never' : ago(last, nowMs), sort: last ?? 0 },
          {
            text: dueLine({ ...pen, word: side.word, sides: [side] }, nowMs),
            sort: side.dueAtMs ?? Infinity,
          },
        ],
      };
    }),
  );
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {commonSays.allPens}
      </Say>
      <Say size="small" tone="soft">
        {pensSummary(pens)}
      </Say>
      <DataTable label={commonSays.allPens} heads={HEADS} rows={rows} />
    </Screen>
  );
}
