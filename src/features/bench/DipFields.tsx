import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/button';
import { NumberField } from '@/ui/number-field';
import { space } from '@/ui/tokens';
import { shownUnit } from '@/words/bench/benchWords';
import { dipSays } from '@/words/bench/dip';
import { commonSays } from '@/words/common';
import { pressOf } from './power';
import { StillPanel } from './StillPanel';
import type { Dip, Dipping } from './useDip';

interface Props extends Dipping {
  readonly dip: Dip;
}

/** The stillness watch and the value shown, of one side or both. */
export function DipFields({ pen, bench, plan, step, dip }: Props) {
  const { own, also, take } = dip;
  const adjusts = step.phase === 'asLeft';
  return (
    <>
      <StillPanel
        bench={bench}
        plan={plan}
        whenStill={adjusts ? dipSays.adjustNow : dipSays.typeWhatItShows}
        penCode={pen.body.code}
        onStill={adjusts || also ? undefined : () => take(false)}
      />
      <NumberField
        label={commonSays.shows}
        unit={shownUnit(plan)}
        {...own}
        onEnter={also ? 'next' : () => take(false)}
        autoFocus={own.typed === '' || 'goOn'}
        takesDigits
      />
      {also ? (
        <NumberField
          label={commonSays.shows}
          unit={shownUnit(also.side.plan)}
          {...also.field}
          onEnter={() => take(false)}
        />
      ) : null}
    </>
  );
}

/** What may be said instead of a value, or of a value that is doubted. */
export function DipDoubt({ pen, bench, plan, step, dip }: Props) {
  const { phase } = step;
  const { cup, sure, again, take } = dip;
  return (
    <>
      {phase === 'asLeft' && pressOf(pen, plan.quantity)?.endsUnseen ? (
        <View style={styles.choice}>
          <Button
            label={dipSays.itEndedNotSeen}
            onPress={() => bench.add({ type: 'unseen', phase: 'asLeft', cupId: cup.id })}
          />
        </View>
      ) : null}
      {sure ? (
        <View style={styles.choice}>
          <Button label={sure} onPress={() => take(true)} />
          {again ? (
            <Button
              label={again.label}
              onPress={() => bench.add({ type: 'repeat', phase, cupId: again.cup.id })}
            />
          ) : null}
        </View>
      ) : null}
    </>
  );
}

const styles = StyleSheet.create({
  choice: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2, paddingTop: space.s1 },
});
