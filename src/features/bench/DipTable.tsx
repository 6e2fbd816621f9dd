import { StyleSheet, View } from 'react-native';
import type { BenchEvent, BenchPlan } from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { commonSays } from '@/words/common';
import { dipSummary } from '@/words/bench/benchWords';

/** What was read in each cup, against what it should have been. */
export function DipTable({
  plan,
  events,
}: {
  readonly plan: BenchPlan;
  readonly events: readonly BenchEvent[];
}) {
  const formats = useFormats();
  return (
    <View role="list" aria-label={commonSays.whatWasRead}>
      {dipSummary(plan, events, formats).map((dip) => (
        <View key={dip.key} role="listitem" style={styles.row}>
          <Say size="small" style={styles.what}>
            {dip.what}
          </Say>
          <Say size="small" face="mono" bold>
            {dip.shown}
          </Say>
          <Say size="small" tone={dip.within ? 'fit' : 'off'} style={styles.error}>
            {dip.within ? '✓ ' : '✗ '}
            {dip.error}
          </Say>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'baseline',
    gap: space.s3,
    paddingVertical: space.s2,
    borderBottomWidth: 1,
    borderBottomColor: color.edge,
  },
  what: { flex: 1 },
  error: { minWidth: 92 },
});
