import { StyleSheet, View } from 'react-native';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';

interface Props {
  readonly label: string;
  readonly heads: readonly string[];
  readonly rows: readonly { readonly id: string; readonly cells: readonly string[] }[];
  /** Columns of numbers, aligned digit under digit. */
  readonly mono?: readonly number[];
  /** Relative widths; equal where absent. */
  readonly widths?: readonly number[];
}

/** A few rows that a screen reader can walk: the table beside a chart. */
export function SimpleTable({ label, heads, rows, mono = [], widths }: Props) {
  const cell = (at: number) => ({ flex: widths?.[at] ?? 1, minWidth: 0 });
  return (
    <View role="table" aria-label={label}>
      <View role="row" style={[styles.row, styles.head]}>
        {heads.map((head, at) => (
          <View key={head} role="columnheader" style={cell(at)}>
            <Say size="tiny" tone="soft">
              {head}
            </Say>
          </View>
        ))}
      </View>
      {rows.map(({ id, cells }) => (
        <View key={id} role="row" style={styles.row}>
          {cells.map((text, at) => (
            <View key={heads[at]} role="cell" style={cell(at)}>
              <Say size="tiny" face={mono.includes(at) ? 'mono' : 'text'}>
                {text}
              </Say>
            </View>
          ))}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    gap: space.s1,
    paddingVertical: space.s2,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
    alignItems: 'center',
  },
  head: { borderBottomColor: color.inkSoft },
});
