import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { SACHET_ML, type Act, type Cup, type PracticeLot, type World } from '@/core/simulated-pen';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/form';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { bottleWords } from '@/words/practice/actWords';
import { practiceSays } from '@/words/practice/benchWords';

interface Props {
  readonly world: World;
  readonly onAct: (...acts: readonly Act[]) => void;
}

/** Bottles of the practice: fresh portions into their cups; a used one back, for who would. */
export function BottleTools({ world, onAct }: Props) {
  const formats = useFormats();
  const lots = Object.values(world.lots);
  const cups = Object.values(world.cups);
  const cupFor = (lot: PracticeLot): Cup | undefined =>
    cups.find(({ label }) => JSON.stringify(label) === JSON.stringify(lot.label));
  if (lots.length === 0) return <SachetTools world={world} onAct={onAct} />;
  return (
    <View style={styles.part}>
      <Say size="small" tone="soft" bold>
        {practiceSays.bottles}
      </Say>
      {lots.map((lot) => {
        const what = bottleWords(lot.label, formats);
        const cup = cupFor(lot);
        return (
          <View key={lot.id} style={styles.lot}>
            <Say size="small">{practiceSays.bottle(what, lot.openedDays, lot.expired)}</Say>
            {cup ? (
              <View style={styles.row}>
                <Button
                  label={practiceSays.pour(what)}
                  onPress={() => onAct({ do: 'pour', cup: cup.id, lot: lot.id })}
                />
                <Button
                  kind="text"
                  label={practiceSays.pourBack(what)}
                  onPress={() => onAct({ do: 'pourBack', cup: cup.id, lot: lot.id })}
                />
              </View>
            ) : null}
          </View>
        );
      })}
    </View>
  );
}

const WATERS = ['150', String(SACHET_ML), '300'] as const;

/** Powder sachets: how much water, and what of the spoon. */
function SachetTools({ world, onAct }: Props) {
  const formats = useFormats();
  const [water, setWater] = useState<string>(String(SACHET_ML));
  const [spoon, setSpoon] = useState<'rinsed' | 'asIs'>('asIs');
  const cups = Object.values(world.cups).filter(({ label }) => label.kind === 'buffer');
  return (
    <View style={styles.part}>
      <Choice
        label={practiceSays.water}
        value={water}
        onChoose={setWater}
        options={WATERS.map((ml) => ({ value: ml, label: `${ml} mL` }))}
      />
      <Choice
        label={practiceSays.spoon}
        value={spoon}
        onChoose={setSpoon}
        options={[
          { value: 'rinsed', label: practiceSays.spoonRinsed },
          { value: 'asIs', label: practiceSays.spoonAsIs },
        ]}
      />
      <View style={styles.row}>
        {cups.map((cup) => (
          <Button
            key={cup.id}
            label={practiceSays.dissolve(bottleWords(cup.label, formats))}
            onPress={() =>
              onAct({
                do: 'dissolve',
                cup: cup.id,
                waterMl: Number(water),
                spoonRinsed: spoon === 'rinsed',
              })
            }
          />
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  part: { gap: space.s2 },
  lot: { gap: space.s1 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});
