import { useLocalSearchParams, useRouter } from 'expo-router';
import { useAnswer, questions } from '@/book/react';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { LookBackFound } from './LookBackFound';
import { paths } from '@/shell/navigation/paths';
import { lookBackSays } from '@/words/pens/lookBack';
import type { PenId } from '@/records';

/** Which past readings and doses a check found out about. */
export function LookBackScreen() {
  const params = useLocalSearchParams<{ penId: PenId; quantity?: string; at?: string }>();
  const { penId } = params;
  const quantity = params.quantity === 'ec' ? 'ec' : 'ph';
  const checkMs = params.at === undefined ? undefined : Number(params.at);
  const router = useRouter();
  const { data } = useAnswer(questions.lookBack(penId, quantity, checkMs));
  const toPen = (
    <Button
      kind="main"
      wet
      grow
      label={lookBackSays.toThePen}
      onPress={() => router.navigate(paths.pen(penId))}
    />
  );
  if (data === undefined) return <Skeleton label={lookBackSays.lookingBack} />;
  return <Screen actions={toPen}>{data ? <LookBackFound answer={data} /> : <Nothing />}</Screen>;
}

function Nothing() {
  return (
    <>
      <Say size="huge" face="slab" heading={1}>
        {lookBackSays.nothingToLookBackOnYet}
      </Say>
      <Say>{lookBackSays.needsAsFound}</Say>
    </>
  );
}
