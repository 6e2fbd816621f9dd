import { StyleSheet, View } from 'react-native';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import type { HistoryLine } from './tankViewModel';

/** A tank's readings as a table that a screen reader can walk. */
export function HistoryTable({
  lines,
  ecUnit,
}: {
  readonly lines: readonly HistoryLine[];
  readonly ecUnit: string;
}) {
  const heads = ['Day', 'pH', `EC, ${ecUnit}`, 'Temp.', 'By'];
  return (
    <View role="table" aria-label="Readings">
      <View role="row" style={[styles.row, styles.head]}>
        {heads.map((head, at) => (
          <View key={head} role="columnheader" style={CELLS[at]}>
            <Say size="tiny" tone="soft">
              {head}
            </Say>
          </View>
        ))}
      </View>
      {lines.map((line) => (
        <View key={line.id} role="row" style={styles.row}>
          {[line.when, line.ph, line.ec, line.temp, line.by].map((text, at) => (
            <View key={heads[at]} role="cell" style={CELLS[at]}>
              <Say size="tiny" face={at === 1 || at === 2 ? 'mono' : 'text'}>
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
  day: { flex: 58, minWidth: 0 },
  wide: { flex: 90, minWidth: 0 },
  temp: { flex: 52, minWidth: 0 },
  by: { flex: 24, minWidth: 0 },
});
const CELLS = [styles.day, styles.wide, styles.wide, styles.temp, styles.by];
