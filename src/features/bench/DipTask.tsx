import { StyleSheet, View } from 'react-native';
import { useFormats } from '@/shell/formats';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { targetLine } from '@/words/bench/benchWords';
import { tryLine } from '@/words/bench/dip';
import { dipTitle, pressLine } from '@/words/bench/pressWords';
import { DipTarget } from './DipTarget';
import { pressOf } from './power';
import type { Dip, Dipping } from './useDip';

/** What to do with the pen, and what it must show. */
export function DipTask({ pen, bench, plan, step, dip }: Dipping & { readonly dip: Dip }) {
  const formats = useFormats();
  const { phase, attempt } = step;
  const { cup, also } = dip;
  const { display } = pen.body;
  const press = pressOf(pen, plan.quantity);
  return (
    <>
      <Say size="large" face="slab" heading={1}>
        {dipTitle(phase, cup, { press, display, formats })}
      </Say>
      {attempt > 1 ? (
        <Say size="small" tone="attention" bold>
          {tryLine(attempt)}
        </Say>
      ) : null}
      <View style={styles.targets}>
        <DipTarget
          {...{ plan, cup, phase }}
          events={bench.draft.events}
          beside={also !== undefined}
        />
        {also ? <DipTarget {...also.side} phase={phase} beside /> : null}
      </View>
      <Say size="small">
        {press
          ? pressLine(phase, press, targetLine(plan, cup, formats).value, {
              cup,
              at: plan.cups.indexOf(cup),
              display,
            })
          : ''}
      </Say>
    </>
  );
}

const styles = StyleSheet.create({
  targets: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s5 },
});
