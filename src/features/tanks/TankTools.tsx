import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { TankAnswer } from '@/book/answers';
import { useAppend } from '@/book/react';
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
  const append = useAppend();
  const { id, revId, body } = tank;
  const duplicate = async () => {
    const copy = { ...body, name: `${body.name}, copy`, place: nextPlace, learnFrom: undefined };
    const { recordIds } = await append.mutateAsync([{ kind: 'tank', body: copy }]);
    goOn.to(`/tanks/${recordIds[0]}/edit`);
  };
  const retire = async () => {
    const changed = { ...body, retired: body.retired ? undefined : true };
    await append.mutateAsync([{ kind: 'tank', recordId: id, parents: [revId], body: changed }]);
    goOn.to(`/tanks/${id}`);
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
      <Button label="Another like it" onPress={() => void duplicate()} />
      <Button
        label={body.retired ? 'Back in use' : 'Out of use'}
        name={
          body.retired
            ? 'Back in use: the Round comes past it again'
            : 'Out of use: its record stays, the Round passes it by'
        }
        onPress={() => void retire()}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  tools: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s2 },
});
