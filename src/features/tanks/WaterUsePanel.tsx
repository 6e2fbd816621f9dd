import { useAnswer, questions } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { tankSays } from '@/words/tanks/tank';
import { phTrendWords, topUpWords, waterUseWords } from '@/words/tanks/waterUseWords';
import type { TankId } from '@/records';

/** What the plants took of water and salts, and which way the pH goes by itself. */
export function WaterUsePanel({
  tankId,
  nowMs,
}: {
  readonly tankId: TankId;
  readonly nowMs: number;
}) {
  const formats = useFormats();
  const { data } = useAnswer(questions.waterUse(tankId, nowMs));
  if (!data || (!data.use && !data.phPerDay && !data.topUps)) return null;
  return (
    <Panel>
      <Say size="large" face="slab" heading={2}>
        {tankSays.waterAndSalts}
      </Say>
      {data.use ? <Say>{waterUseWords(data.use, formats)}</Say> : null}
      {data.phPerDay ? <Say>{phTrendWords(data.phPerDay, formats)}</Say> : null}
      {data.topUps ? <Say>{topUpWords(data.topUps, formats)}</Say> : null}
      <Say size="small" tone="soft">
        {tankSays.fromTheLevelsReadAndThe}
      </Say>
    </Panel>
  );
}
