import { StyleSheet, View } from 'react-native';
import { errorsShown, type BenchEvent, type BenchPlan } from '@/core/procedure';
import type { BenchDraft } from '@/records/kinds';
import { useFormats } from '@/shell/formats';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { commonSays } from '@/words/common';
import { dipSays } from '@/words/bench/dip';
import { dipSummary } from '@/words/bench/benchWords';

/** What was read in each cup, against what it should have been. */
function DipTable({
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

/** What was read so far, of both sides where one cup serves both, and the errors the pen showed. */
export function DipTables({
  plan,
  draft,
}: {
  readonly plan: BenchPlan;
  readonly draft: Pick<BenchDraft, 'events' | 'also'>;
}) {
  const errors = errorsShown(draft.events).map(({ text }) => text);
  return (
    <>
      <DipTable plan={plan} events={draft.events} />
      {draft.also ? <DipTable {...draft.also} /> : null}
      {errors.length > 0 ? <Say size="small">{dipSays.errorsKept(errors.join(', '))}</Say> : null}
    </>
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
