import { View } from 'react-native';
import { SchoolNote } from '@/features/parts/SchoolNote';
import { Choice } from '@/ui/form';
import { sittingSays } from '@/words/bench/sitting';
import { CAP_LIQUIDS, type CapLiquid } from '@/words/bench/capLiquids';

/** Asks what keeps the tip wet now. */
export function StoreChoice(props: {
  readonly value: CapLiquid;
  readonly onChoose: (value: CapLiquid) => void;
}) {
  return (
    <View>
      <Choice label={sittingSays.tipCappedWith} options={CAP_LIQUIDS} {...props} />
      <SchoolNote about="storage" />
    </View>
  );
}
