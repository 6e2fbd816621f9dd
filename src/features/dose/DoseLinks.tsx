import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/button';

/** What else belongs to correcting a tank. */
export function DoseLinks({
  tankId,
  productId,
}: {
  readonly tankId: string;
  readonly productId: string;
}) {
  const router = useRouter();
  const go = (part: string) => () =>
    router.navigate(`/tanks/${tankId}/${part}?product=${productId}` as '/');
  return (
    <View style={styles.links}>
      <Button kind="text" label="EC: stock or water" onPress={go('ec')} />
      <Button kind="text" label="Jar test" onPress={go('jar')} />
      <Button kind="text" label="What this tank taught" onPress={go('learned')} />
      <Button kind="text" label="Why this much?" onPress={go('why-dose')} />
    </View>
  );
}

const styles = StyleSheet.create({ links: { flexDirection: 'row', flexWrap: 'wrap' } });
