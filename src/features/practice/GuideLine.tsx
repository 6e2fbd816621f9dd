import { View } from 'react-native';
import { guideStep, type Practice } from '@/core/practice';
import type { Side, World } from '@/core/simulated-pen';
import { useFormats } from '@/shell/formats';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { practiceSays } from '@/words/practice/benchWords';
import { guideLines } from '@/words/practice/guideWords';
import { TASK_HINTS } from '@/words/practice/hintWords';
import type { Formats } from '@/words';
import { Part } from './runStore';
import type { Run } from './useRun';

/** Between the lines of one step. */
const BREAK = '\n';

/** Tasks that are more than a check have hints of their own, before and after it. */
function linesOf(practice: Practice, world: World, formats: Formats): readonly string[] {
  const hint = practice.id === 'free' ? undefined : TASK_HINTS[practice.id]?.(world);
  if (hint) return [hint];
  const side: Side = world.firmware.side;
  const sides: readonly Side[] = world.profile.ec && world.profile.ph ? ['ec', 'ph'] : [side];
  for (const each of sides) {
    const guide = guideStep(world, each);
    const through = guide.step.kind === 'finish' || guide.step.kind === 'asFoundGood';
    if (!through || each === sides.at(-1)) return guideLines(guide, world, formats);
  }
  return [];
}

/** What comes next, as the Bench would say it. */
export function GuideLine({ run }: { readonly run: Run }) {
  const formats = useFormats();
  const { practice, store } = run;
  return (
    <Part
      store={store}
      of={(world) => [linesOf(practice, world, formats).join(BREAK)]}
      draw={(world) => <Lines lines={linesOf(practice, world, formats)} />}
    />
  );
}

function Lines({ lines: [first, ...rest] }: { readonly lines: readonly string[] }) {
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
