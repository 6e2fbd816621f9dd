import { useRouter } from 'expo-router';
import { memo, useCallback, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { LedgerAnswer, LedgerQuery, LedgerRow } from '@/book/answers';
import { questions, useAnswer } from '@/book/react';
import { EmptyPlace } from '@/features/parts/EmptyPlace';
import { chunkPart } from '@/shell/chunk';
import { useFormats } from '@/shell/formats';
import { paths } from '@/shell/navigation/paths';
import { Button, Press } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Skeleton } from '@/ui/layout';
import { DatedLine, ListScreen } from '@/ui/list';
import { Say } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import { bookSays } from '@/words/book/book';
import { intakeSays } from '@/words/intake/intake';
import { outSays } from '@/words/out/out';
import { printSays } from '@/words/print/print';
import { findSays } from '@/words/book/find';
import type { BookFiltersProps } from './BookFilters';
import { filterLine } from './bookQuery';
import { ledgerLine } from './ledgerViewModel';
import { useBookQuery } from './useBookQuery';
import { loadingSays } from '@/words/shell/loading';

// With the other forms: a calendar comes with it.
const BookFilters = chunkPart<BookFiltersProps>('forms', 'BookFilters');

/** Entries asked for at once. */
const PART = 100;
const partOf = (index: number) => ({ skip: Math.floor(index / PART) * PART, count: PART });
/** Height of an entry of two lines, px. */
const ROW = 68;

/** The document that goes with what is shown. */
const printOf = ({ penId, tankId }: LedgerQuery) =>
  penId
    ? paths.print({ what: 'pen', id: penId })
    : tankId
      ? paths.print({ what: 'tank', id: tankId })
      : paths.print();

/** Everything in time order, found by words, by what it is about and by when. */
export function BookList() {
  const { query, params, words, typeWords, change, clear } = useBookQuery();
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const { data } = useAnswer(questions.ledger(query, partOf(0)));
  const names = useAnswer(questions.bookNames()).data;
  // While the next answer comes the last one stays, with what it was asked: no count without its question.
  const [seen, setSeen] = useState<{ readonly data: LedgerAnswer; readonly asked: LedgerQuery }>();
  if (data && (data !== seen?.data || query !== seen.asked)) setSeen({ data, asked: query });
  const asked = seen?.asked ?? query;
  const { at, onDrawn } = useParts(asked);
  if (!seen || !names) return <Skeleton label={loadingSays.book} />;
  const shown = seen.data;
  const filtered = Object.keys(asked).length > 0;
  if (shown.total === 0) return <EmptyPlace place="book" href={paths.welcome} />;
  return (
    <ListScreen
      label={bookSays.entries}
      about={JSON.stringify(asked)}
      count={shown.found}
      estimate={ROW}
      actions={
        <>
          <Button
            wet
            grow
            label={printSays.title}
            onPress={() => router.navigate(printOf(asked))}
          />
          <Button
            wet
            grow
            label={outSays.title}
            onPress={() => router.navigate(paths.takeOut(params))}
          />
          <Button wet grow label={intakeSays.title} onPress={() => router.navigate(paths.takeIn)} />
        </>
      }
      row={(index, tabIndex) => <Entry row={at(index)} tabIndex={tabIndex} />}
      isHere={(index) => at(index) !== undefined}
      onDrawn={onDrawn}
    >
      <Say size="huge" face="slab" heading={1}>
        {bookSays.book}
      </Say>
      <View style={styles.find}>
        <View style={styles.words}>
          <TextField
            label={findSays.find}
            hint={findSays.findHint}
            typed={words}
            onType={typeWords}
          />
        </View>
        <Button
          label={open ? findSays.closeFilter : findSays.filter}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open ? <BookFilters query={query} names={names} onChange={change} /> : null}
      <View role="status" aria-live="polite">
        <Say size="small" tone="soft">
          {filtered ? findSays.found(shown.found, shown.total) : bookSays.entriesKept(shown.total)}
        </Say>
      </View>
      {filtered ? (
        <View style={styles.find}>
          <Say size="small" bold style={styles.words}>
            {filterLine(asked, names)}
          </Say>
          <Button kind="text" label={findSays.showAll} onPress={clear} />
        </View>
      ) : null}
    </ListScreen>
  );
}

/** The parts of the Book that are in sight: two at most, where one ends and the next begins. */
function useParts(query: LedgerQuery) {
  const [[from, to], setDrawn] = useState<readonly [number, number]>([0, 0]);
  const onDrawn = useCallback((first: number, last: number) => {
    const now = [partOf(first).skip, partOf(last).skip] as const;
    setDrawn((was) => (was[0] === now[0] && was[1] === now[1] ? was : now));
  }, []);
  const start = useAnswer(questions.ledger(query, partOf(from))).data;
  const end = useAnswer(questions.ledger(query, partOf(to))).data;
  const at = (index: number) => {
    const { skip } = partOf(index);
    const part = skip === from ? start : skip === to ? end : undefined;
    return part?.rows[index - skip];
  };
  return { at, onDrawn };
}

/** One entry; an empty line until its part of the Book is here. It stays while what stands round it is drawn. */
const Entry = memo(function Entry({
  row,
  tabIndex,
}: {
  readonly row: LedgerRow | undefined;
  readonly tabIndex: 0 | -1;
}) {
  const formats = useFormats();
  const router = useRouter();
  if (!row) return <View style={styles.line} />;
  const { day, time, title, detail, href } = ledgerLine(row, formats);
  return (
    <Press
      href={href}
      tabIndex={tabIndex}
      onPress={() => router.navigate(href)}
      style={styles.line}
    >
      <DatedLine {...{ day, time, title, detail }} />
    </Press>
  );
});

const styles = StyleSheet.create({
  find: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.s2 },
  line: {
    flexDirection: 'row',
    gap: space.s3,
    minHeight: TOUCH,
    paddingVertical: space.s2,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  words: { flex: 1, minWidth: 0 },
});
