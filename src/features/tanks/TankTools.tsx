import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { copyTank, retireTank } from '@/acts';
import type { TankAnswer } from '@/book/answers';
import { useAct } from '@/book/react';
import { useGoOn } from '@/features/parts/useGoOn';
import { Button } from '@/ui/button';
import { space } from '@/ui/tokens';

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
    if (recordIds) goOn.to(`/tanks/${recordIds[0]}/edit`);
  };
  const retire = async () => {
    if (await act(retireTank(tank))) goOn.to(`/tanks/${id}`);
  };
  return (
    <View style={styles.tools}>
      <Button
        label="Bands of drain, dripper, substrate"
        onPress={() => router.navigate(`/tanks/${id}/bands` as '/')}
      />
      <Button
        label="Measure its coefficient"
        onPress={() => router.navigate(`/tanks/${id}/alpha` as '/')}
      />
      <Button label="Another like it" onPress={duplicate} />
      <Button
        label={body.retired ? 'Back in use' : 'Out of use'}
        name={
          body.retired
            ? 'Back in use: the Round comes past it again'
            : 'Out of use: its record stays, the Round passes it by'
        }
        onPress={retire}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  tools: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});
