import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { copyTank, retireTank } from '@/acts';
import type { TankAnswer } from '@/book/answers';
import { useAct } from '@/book/react';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { Button } from '@/ui/button';
import { space } from '@/ui/tokens';
import { paths } from '@/shell/navigation/paths';
import { tankFormSays } from '@/words/tanks/tankForm';

interface Props {
  readonly tank: TankAnswer;
  readonly nextPlace: number;
}

/** What else can be done with a tank: another like it, bands of its samples, out of use. */
export function TankTools({ tank, nextPlace }: Props) {
  const router = useRouter();
  const goOn = useGoOn();
  const { act } = useAct();
  const { id, body } = tank;
  const duplicate = async () => {
    const recordIds = await act(copyTank(tank, nextPlace));
    if (recordIds) goOn.to(paths.editTank(recordIds[0]!));
  };
  const retire = async () => {
    if (await act(retireTank(tank))) goOn.to(paths.tank(id));
  };
  return (
    <View style={styles.tools}>
      {body.readOf ? null : (
        <>
          <Button
            label={tankFormSays.bandsOfDrainDripperSubstrate}
            onPress={() => router.navigate(paths.bands(id))}
          />
          <Button
            label={tankFormSays.planOfTheCrop}
            onPress={() => router.navigate(paths.plan(id))}
          />
          <Button
            label={tankFormSays.measureItsCoefficient}
            onPress={() => router.navigate(paths.alpha(id))}
          />
        </>
      )}
      <Button label={tankFormSays.anotherLikeIt} onPress={duplicate} />
      <Button
        label={body.retired ? tankFormSays.backInUse : tankFormSays.outOfUse}
        name={body.retired ? tankFormSays.backInUseHint : tankFormSays.outOfUseHint}
        onPress={retire}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  tools: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});
