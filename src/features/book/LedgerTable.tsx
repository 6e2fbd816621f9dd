import { useState } from 'react';
import { useAnswer, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { EmptyPlace } from '@/features/parts/EmptyPlace';
import { paths } from '@/shell/navigation/paths';
import { DataTable, type TableHead } from '@/features/parts/DataTable';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { ledgerLine } from './ledgerViewModel';
import { shortDay } from '@/words';
import { commonSays } from '@/words/common';
import { bookSays } from '@/words/book/book';

const PAGE = 100;
const HEADS: readonly TableHead[] = [
  { title: commonSays.what, width: 6 },
  { title: commonSays.day, width: 3 },
  { title: bookSays.timeBy, width: 3, mono: true },
  { title: bookSays.values, width: 10 },
];

/** The Book as a table: every reading, check, care and dose, to sort and filter. */
export function LedgerTable() {
  const formats = useFormats();
  const [count, setCount] = useState(PAGE);
  const { data } = useAnswer(questions.ledger(count));
  if (!data) return <Skeleton label={bookSays.loadingTheBook} />;
  if (data.total === 0) return <EmptyPlace place="book" href={paths.welcome} />;
  const rows = data.rows.map((row) => {
    const { id, title, time, detail, href } = ledgerLine(row, formats);
    return {
      id,
      href,
      cells: [
        { text: title, sort: title },
        { text: shortDay(row.atMs), sort: row.atMs },
        { text: time, sort: time },
        { text: detail, sort: detail },
      ],
    };
  });
  return (
    <Screen>
      <Say size="huge" face="slab" heading={1}>
        {bookSays.book}
      </Say>
      <Say size="small" tone="soft">
        {bookSays.newestOf(rows.length, data.total)}
      </Say>
      <DataTable label={bookSays.book} heads={HEADS} rows={rows} />
      {data.rows.length < data.total ? (
        <Button label={bookSays.olderEntries} onPress={() => setCount(count + PAGE)} />
      ) : null}
    </Screen>
  );
}
