import { StyleSheet, View } from 'react-native';
import type { BenchEvent, BenchPlan, Cup, DipPhase } from '@/core/procedure';
import { useFormats } from '@/shell/formats';
import { Say } from '@/ui/text';
import { foundLine, shownUnit, targetLine, windowLine } from '@/words/bench/benchWords';
import { dipSays } from '@/words/bench/dip';

interface Props {
  readonly plan: BenchPlan;
  readonly events: readonly BenchEvent[];
  readonly cup: Cup;
  readonly phase: DipPhase;
  /** It stands beside another one: one cup for both sides. */
  readonly beside?: boolean;
}

/** What the display should show in a cup, which displays pass, and why it is not the printed value. */
export function DipTarget({ plan, events, cup, phase, beside = false }: Props) {
  const formats = useFormats();
  const target = targetLine(plan, cup, formats);
  return (
    <View style={styles.target}>
      <Say size="small" tone="soft">
        {dipSays.shouldShow}
      </Say>
      <Say size={beside ? 'huge' : 'hero'} face="mono" bold>
        {target.value}
        <Say tone="soft">&nbsp;{shownUnit(plan)}</Say>
      </Say>
      <Say size="small" bold>
        {windowLine(plan, cup, phase, formats)}
      </Say>
      <Say size="small" tone="soft">
        {target.from}
        {foundLine(plan, events, cup, phase, formats)}
      </Say>
    </View>
  );
}

const styles = StyleSheet.create({ target: { flexShrink: 1, minWidth: 0, maxWidth: '100%' } });
