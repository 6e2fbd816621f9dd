import { StyleSheet, View } from 'react-native';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';

/** A row; with `across` its second cell runs over all columns that are left. */
interface SimpleRow {
  readonly id: string;
  readonly cells: readonly string[];
  readonly across?: boolean;
}

interface Props {
  readonly label: string;
  readonly heads: readonly string[];
  readonly rows: readonly SimpleRow[];
  /** Columns of numbers, aligned digit under digit. */
  readonly mono?: readonly number[];
  /** Relative widths; equal where absent. */
  readonly widths?: readonly number[];
}

/** A few rows that a screen reader can walk: the table beside a chart. */
export function SimpleTable({ label, heads, rows, mono = [], widths }: Props) {
  const share = (at: number) => widths?.[at] ?? 1;
  const cell = (at: number) => ({ flex: share(at), minWidth: 0 });
  const others = heads.reduce((sum, _, at) => sum + (at === 0 ? 0 : share(at)), 0);
  const wide = { flex: others, minWidth: 0 };
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
      {rows.map(({ id, cells, across = false }) => (
        <View key={id} role="row" style={styles.row}>
          {cells.map((text, at) => (
            <View
              key={heads[at]}
              role="cell"
              aria-colspan={across && at === 1 ? heads.length - 1 : undefined}
              style={across && at === 1 ? wide : cell(at)}
            >
              <Say size="tiny" face={mono.includes(at) && !across ? 'mono' : 'text'}>
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
