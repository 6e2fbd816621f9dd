import { useState } from 'react';
import { useAnswer, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { DataTable, type TableHead } from '@/features/parts/DataTable';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { ledgerLine } from './ledgerViewModel';
import { shortDay } from '@/words';

const PAGE = 100;
const HEADS: readonly TableHead[] = [
  { title: 'What', width: 6 },
  { title: 'Day', width: 3 },
  { title: 'Time, by', width: 3, mono: true },
  { title: 'Values', width: 10 },
];

/** The Book as a table: every reading, check, care and dose, to sort and filter. */
export function LedgerTable() {
  const formats = useFormats();
  const [count, setCount] = useState(PAGE);
  const { data } = useAnswer(questions.ledger(count));
  if (!data) return <Skeleton label="Loading the Book" />;
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
        Book
      </Say>
      <Say size="small" tone="soft">
        The newest {rows.length} of {data.total} entries. What the pens showed is never changed.
      </Say>
      <DataTable label="Book" heads={HEADS} rows={rows} />
      {data.rows.length < data.total ? (
        <Button label="Older entries" onPress={() => setCount(count + PAGE)} />
      ) : null}
    </Screen>
  );
}
