import { View } from 'react-native';
import { measureOf, type JarPlan, type JarPlanRefusal } from '@/core/dosing';
import type { Result } from '@/core/result';
import { useFormats } from '@/shell/formats';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { jarSays } from '@/words/dose/jar';
import { JAR_LIMIT_WORDS, measuredWords } from '@/words/dose/doseWords';
import { JAR_STEP_WORDS, JAR_WARNING, jarRefusalWords } from '@/words/dose/jarRefusal';
import { RefusalPanel } from './RefusalPanel';

/** What the test says of the tank, or what it still lacks. */
export function JarOutcome(props: {
  readonly plan: Result<JarPlan, JarPlanRefusal>;
  readonly aimPh: number;
  readonly sampleL: string;
}) {
  const { plan, aimPh, sampleL } = props;
  const formats = useFormats();
  if (!plan.ok) return <RefusalPanel {...jarRefusalWords(plan.refusal, formats)} />;
  const { doseMl, firstMl, pour, drops, scale, afterPh, limitedBy, warnings } = plan.value;
  const measure = measureOf('mL', pour);
  return (
    <Panel tone="wash">
      <View role="status" aria-live="polite">
        <Say size="small" tone="soft">
          {jarSays.pourFirst}
        </Say>
        <Say size="huge" bold face="mono">
          {measuredWords(firstMl, measure, formats)}
        </Say>
        <Say size="small">
          {jarSays.pourAndWhy({
            how: measure.parts === undefined ? 'undiluted' : jarSays.asMixedForTheTest,
            ph: formats.number(afterPh, 2),
            inAll: measuredWords(doseMl, measure, formats),
            drops: formats.number(drops, 1),
            aimPh: formats.number(aimPh, 2),
            sampleL,
            times: formats.number(scale, 0),
          })}
        </Say>
        <Say size="small" tone="soft">
          {limitedBy === 'stepPh' ? JAR_STEP_WORDS : JAR_LIMIT_WORDS[limitedBy]}
        </Say>
        {warnings.map((warning) => (
          <Say key={warning} size="small" bold tone="attention">
            {JAR_WARNING[warning]}
          </Say>
        ))}
      </View>
    </Panel>
  );
}
