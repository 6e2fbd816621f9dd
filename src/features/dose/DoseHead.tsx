import { View } from 'react-native';
import type { DoseAnswer } from '@/book/answers';
import { hasNumber, type JudgedValue } from '@/core/readings';
import { useFormats } from '@/shell/formats';
import { Say } from '@/ui/text';
import { doseSays } from '@/words/dose/dose';

interface Props {
  readonly answer: DoseAnswer;
  /** The pH it is dosed by. */
  readonly judged: JudgedValue;
}

/** The tank, what it reads, its band and how much is in it. */
export function DoseHead({ answer, judged }: Props) {
  const formats = useFormats();
  const { tank, reading } = answer;
  const { low, high } = tank.body.phBand;
  const pair = formats.phPair(judged.value, judged.budget.expandedU);
  return (
    <View>
      <Say size="large" face="slab" heading={1}>
        {doseSays.title(tank.body.name)}
      </Say>
      <Say size="small">
        {doseSays.bandAndVolume({
          shown: hasNumber(judged.standing)
            ? doseSays.phWithMargin(pair.value, pair.plusMinus)
            : doseSays.phWasShown(formats.number(judged.value, 2)),
          low: formats.number(low, 1),
          high: formats.number(high, 1),
          volume: formats.volume(reading?.volumeL ?? tank.body.volumeL),
        })}
      </Say>
    </View>
  );
}
