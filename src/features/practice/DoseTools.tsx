import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Act, World } from '@/core/simulated-pen';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { parseDecimal } from '@/words';
import { practiceSays } from '@/words/practice/benchWords';

interface Props {
  readonly world: World;
  readonly onAct: (...acts: readonly Act[]) => void;
}

const DROPS = [1, 10, 40] as const;
const LEAST_ML = 0.1;
const MOST_ML = 500;

/** Drops into the jar, acid and base into the tank; only where the task has a tank to correct. */
export function DoseTools({ world, onAct }: Props) {
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState(false);
  if (!world.tank || world.tank.band.high - world.tank.band.low >= 1) return null;
  const pour = (reagent: 'acid' | 'base') => {
    const parsed = parseDecimal(typed);
    const fits = parsed.ok && parsed.value >= LEAST_ML && parsed.value <= MOST_ML;
    setWrong(!fits);
    if (fits) onAct({ do: 'dose', reagent, ml: parsed.value });
  };
  return (
    <View style={styles.part}>
      {world.jar ? (
        <View style={styles.row}>
          <Say size="small" tone="soft" bold style={styles.title}>
            {practiceSays.intoJar}
          </Say>
          {DROPS.map((drops) => (
            <Button
              key={drops}
              label={practiceSays.drops(drops)}
              onPress={() => onAct({ do: 'drops', drops }, { do: 'stir' })}
            />
          ))}
        </View>
      ) : null}
      <Say size="small" tone="soft" bold>
        {practiceSays.intoTank}
      </Say>
      <View style={styles.row}>
        <TextField
          label={practiceSays.ml}
          unit="mL"
          numeric
          typed={typed}
          onType={setTyped}
          message={wrong ? { text: practiceSays.mlMessage } : undefined}
        />
        <Button label={practiceSays.pourAcid} onPress={() => pour('acid')} />
        <Button label={practiceSays.pourBase} onPress={() => pour('base')} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  part: { gap: space.s2 },
  title: { width: '100%' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2, alignItems: 'flex-end' },
});
