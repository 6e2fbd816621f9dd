import { View } from 'react-native';
import { guideStep, type Practice } from '@/core/practice';
import type { Side, World } from '@/core/simulated-pen';
import { useFormats } from '@/shell/formats';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { practiceSays } from '@/words/practice/benchWords';
import { guideLines } from '@/words/practice/guideWords';
import { TASK_HINTS } from '@/words/practice/hintWords';

interface Props {
  readonly practice: Practice;
  readonly world: World;
}

/** Tasks that are more than a check have hints of their own, before and after it. */
function linesOf({ practice, world }: Props, formats: ReturnType<typeof useFormats>) {
  const hint = practice.id === 'free' ? undefined : TASK_HINTS[practice.id]?.(world);
  if (hint) return [hint];
  const side: Side = world.firmware.side;
  const sides: readonly Side[] = world.profile.ec && world.profile.ph ? ['ec', 'ph'] : [side];
  for (const each of sides) {
    const guide = guideStep(world, each);
    if (guide.step.kind !== 'finish' || each === sides.at(-1))
      return guideLines(guide, world, formats);
  }
  return [];
}

/** What comes next, as the Bench would say it. */
export function GuideLine(props: Props) {
  const formats = useFormats();
  const [first, ...rest] = linesOf(props, formats);
  return (
    <Panel tone="wash">
      <View role="status" aria-live="polite">
        <Say bold>{`${practiceSays.next}: ${first ?? ''}`}</Say>
        {rest.map((line) => (
          <Say key={line} size="small">
            {line}
          </Say>
        ))}
      </View>
    </Panel>
  );
}
