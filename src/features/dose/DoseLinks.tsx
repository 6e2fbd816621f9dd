import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { paths, type Path } from '@/shell/navigation/paths';
import { Button } from '@/ui/button';
import { doseSays } from '@/words/dose/dose';
import type { ProductId, TankId } from '@/records';

/** What else belongs to correcting a tank. */
export function DoseLinks({
  tankId,
  productId,
}: {
  readonly tankId: TankId;
  readonly productId: ProductId;
}) {
  const router = useRouter();
  const go = (to: (id: TankId, product?: ProductId) => Path) => () =>
    router.navigate(to(tankId, productId));
  return (
    <View style={styles.links}>
      <Button kind="text" label={doseSays.ecStockOrWater} onPress={go(paths.ec)} />
      <Button kind="text" label={doseSays.jarTest} onPress={go(paths.jar)} />
      <Button kind="text" label={doseSays.whatThisTankTaught} onPress={go(paths.learned)} />
      <Button kind="text" label={doseSays.whyThisMuch} onPress={go(paths.whyDose)} />
    </View>
  );
}

const styles = StyleSheet.create({ links: { flexDirection: 'row', flexWrap: 'wrap' } });
