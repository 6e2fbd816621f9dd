import type { BenchAnswer } from '@/book/answers';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { prepareSays } from '@/words/bench/prepare';
import { chooseLot } from './chooseLots';
import { thirdOf } from './preparePlan';
import type { Bench } from './useBench';

interface Props {
  readonly answer: BenchAnswer;
  readonly bench: Bench;
}

/** A third buffer, offered where the pen's tanks run above what two bracket, or where it stands on the Shelf. */
export function ThirdCup({ answer, bench }: Props) {
  const formats = useFormats();
  const third = thirdOf(answer.pen.body);
  if (third === undefined) return null;
  const name = formats.number(third, 2);
  const { ranAbove } = answer;
  const runs = ranAbove !== undefined && ranAbove.count > 0;
  const stands = chooseLot(answer.lots, 'buffer', third) !== undefined;
  const { third: taken } = bench.draft;
  if (!runs && !stands && !taken) return null;
  const reason = runs
    ? prepareSays.readsAbove8({ count: ranAbove.count, of: ranAbove.of, third: name })
    : prepareSays.thirdOnShelf(name);
  return (
    <Panel tone={runs ? 'caution' : 'wash'}>
      <Say size="small">{taken ? prepareSays.thirdTaken(name) : reason}</Say>
      <Button
        label={taken ? prepareSays.withoutThird(name) : prepareSays.addThird(name)}
        onPress={() => bench.change({ third: !taken })}
      />
    </Panel>
  );
}
