import { callMixed } from '@/acts';
import type { DoseAnswer } from '@/book/answers';
import { useAct } from '@/book/react';
import { Button } from '@/ui/button';
import { doseSays } from '@/words/dose/dose';

/** Up to this a tank is stirred by hand, L: it is mixed when the grower says so. */
const STIRRED_L = 20;

/** "Mixed now", for jars and small vessels. */
export function MixedNow({
  answer,
  nowMs,
}: {
  readonly answer: DoseAnswer;
  readonly nowMs: number;
}) {
  const { act, busy } = useAct();
  const { mixing, body } = answer.tank;
  if (!mixing || body.volumeL > STIRRED_L) return null;
  return (
    <Button
      wet
      label={doseSays.mixedNow}
      disabled={busy}
      // By the time this screen goes by: a later one would be still to come for it.
      onPress={() => act(callMixed(mixing, Math.max(nowMs, Date.parse(mixing.body.at))))}
    />
  );
}
