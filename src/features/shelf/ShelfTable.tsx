import { useAnswer, useNowMs, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { DataTable, type TableHead } from '@/features/parts/DataTable';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { dateWords, LOT_TONE, liquidName, portionsWords } from '@/words/shelf/lotWords';
import { paths } from '@/shell/navigation/paths';
import { shelfSays } from '@/words/shelf/shelf';

const HEADS: readonly TableHead[] = [
  { title: shelfSays.liquid, width: 5 },
  { title: shelfSays.lot, width: 3, mono: true },
  { title: shelfSays.left, width: 4 },
  { title: shelfSays.goodUntil, width: 6 },
];

/** Every lot side by side: what is left and until when it is good. */
export function ShelfTable() {
  const nowMs = useNowMs();
  const formats = useFormats();
  const { data: lots } = useAnswer(questions.shelf(nowMs));
  if (!lots) return <Skeleton label={shelfSays.loadingTheShelf} />;
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
        {shelfSays.allLots}
      </Say>
      <DataTable label={shelfSays.allLots} heads={HEADS} rows={rows} />
    </Screen>
  );
}
