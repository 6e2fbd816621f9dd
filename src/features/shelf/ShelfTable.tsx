import { useAnswer, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { DataTable, type TableHead } from '@/features/parts/DataTable';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { dateWords, LOT_TONE, liquidName, portionsWords } from './lotWords';
import { paths } from '@/shell/navigation/paths';

const HEADS: readonly TableHead[] = [
  { title: 'Liquid', width: 5 },
  { title: 'Lot', width: 3, mono: true },
  { title: 'Left', width: 4 },
  { title: 'Good until', width: 6 },
];

/** Every lot side by side: what is left and until when it is good. */
export function ShelfTable() {
  const nowMs = useNowMs();
  const formats = useFormats();
  const { data: lots } = useAnswer(questions.shelf(nowMs));
  if (!lots) return <Skeleton label="Loading the Shelf" />;
  const rows = lots.map(({ id, body, state }) => {
    const name = liquidName(body, formats);
    const left = portionsWords(state) || '–';
    return {
      id,
      href: paths.lot(id),
      cells: [
        { text: name, sort: name },
        { text: body.lotCode || '–', sort: body.lotCode },
        { text: left, sort: state.portionsLeft ?? Infinity },
        { text: dateWords(state), sort: state.goodUntilMs ?? Infinity, tone: LOT_TONE[state.word] },
      ],
    };
  });
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        All lots
      </Say>
      <DataTable label="All lots" heads={HEADS} rows={rows} />
    </Screen>
  );
}
