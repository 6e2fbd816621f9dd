import {
  columnFilteringFeature,
  createColumnHelper,
  createFilteredRowModel,
  createSortedRowModel,
  globalFilteringFeature,
  rowSortingFeature,
  sortFn_basic,
  tableFeatures,
  useTable,
} from '@tanstack/react-table';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Press } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Say, type TextTone } from '@/ui/text';
import { color, space, TOUCH } from '@/ui/tokens';
import type { Path } from '@/shell/navigation/paths';
import { commonSays } from '@/words/common';
import { partsSays } from '@/words/parts/parts';

/** One cell: what it says, and what it is sorted by. */
export interface TableCell {
  readonly text: string;
  readonly sort: number | string;
  readonly tone?: TextTone;
}

/** One row of a table for comparing. */
export interface TableRow {
  readonly id: string;
  /** Where the row leads. */
  readonly href: Path;
  readonly cells: readonly TableCell[];
}

/** The head of a column. */
export interface TableHead {
  readonly title: string;
  /** Relative width. */
  readonly width: number;
  readonly mono?: boolean;
}

interface Props {
  readonly label: string;
  readonly heads: readonly TableHead[];
  readonly rows: readonly TableRow[];
}

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  columnFilteringFeature,
  globalFilteringFeature,
  filteredRowModel: createFilteredRowModel(),
});
const helper = createColumnHelper<typeof features, TableRow>();
/** A row passes when any of its cells says the word. */
const hasWord = Object.assign(
  (row: { readonly original: TableRow }, _column: string, word: string) =>
    row.original.cells.some(({ text }) => text.toLowerCase().includes(word.trim().toLowerCase())),
  { autoRemove: (word: string) => word.trim() === '' },
);
const ARROW = { asc: ' ↑', desc: ' ↓' } as const;

/** Rows to compare: sorted by a press on a head, filtered by a word. */
export function DataTable({ label, heads, rows }: Props) {
  const router = useRouter();
  const [word, setWord] = useState('');
  const columns = useMemo(
    () =>
      helper.columns(
        heads.map((head, at) =>
          helper.accessor((row) => row.cells[at]?.sort ?? '', {
            id: head.title,
            header: head.title,
            sortFn: sortFn_basic,
          }),
        ),
      ),
    [heads],
  );
  const table = useTable({
    features,
    columns,
    data: rows,
    getRowId: (row) => row.id,
    state: { globalFilter: word },
    getColumnCanGlobalFilter: () => true,
    globalFilterFn: hasWord,
  });
  const width = (at: number) => ({ flex: heads[at]?.width ?? 1, minWidth: 0 });
  const shown = table.getRowModel().rows;
  return (
    <View style={styles.table}>
      <View style={styles.filter}>
        <TextField label={partsSays.showOnlyRowsWith} typed={word} onType={setWord} />
      </View>
      <View role="table" aria-label={label}>
        <View role="row" style={[styles.row, styles.head]}>
          {table.getHeaderGroups()[0]?.headers.map((header, at) => {
            const sorted = header.column.getIsSorted();
            const aria = {
              'aria-sort': sorted ? (sorted === 'asc' ? 'ascending' : 'descending') : 'none',
            } as object;
            return (
              <View key={header.id} role="columnheader" style={width(at)} {...aria}>
                <Press
                  name={partsSays.sortBy(heads[at]?.title ?? '')}
                  onPress={() => header.column.toggleSorting()}
                  style={styles.sort}
                >
                  <Say size="small" bold={!!sorted} tone={sorted ? 'action' : 'soft'}>
                    {heads[at]?.title}
                    {sorted ? ARROW[sorted] : ''}
                  </Say>
                </Press>
              </View>
            );
          })}
        </View>
        {shown.map(({ original }) => (
          <View key={original.id} role="row" style={styles.row}>
            {original.cells.map((cell, at) => (
              <View key={heads[at]?.title} role="cell" style={width(at)}>
                {at === 0 ? (
                  <Press
                    href={original.href}
                    onPress={() => router.navigate(original.href)}
                    style={styles.link}
                  >
                    <Say size="small" bold tone="action">
                      {cell.text}
                    </Say>
                  </Press>
                ) : (
                  <Say
                    size="small"
                    face={heads[at]?.mono ? 'mono' : 'text'}
                    tone={cell.tone ?? 'ink'}
                  >
                    {cell.text}
                  </Say>
                )}
              </View>
            ))}
          </View>
        ))}
      </View>
      {shown.length === 0 ? (
        <Say size="small" tone="soft">
          {rows.length === 0 ? commonSays.nothingHereYet : partsSays.noRowHasThatWord}
        </Say>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  table: { gap: space.s2 },
  filter: { maxWidth: 320, flexDirection: 'row' },
  row: {
    flexDirection: 'row',
    gap: space.s2,
    minHeight: TOUCH,
    alignItems: 'center',
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  head: { borderBottomColor: color.inkSoft },
  sort: { minHeight: TOUCH, justifyContent: 'center' },
  link: { minHeight: TOUCH, justifyContent: 'center' },
});
