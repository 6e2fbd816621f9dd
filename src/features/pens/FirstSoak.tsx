import { HOUR_MS } from '@/core/units';
import { careFor } from '@/acts';
import type { PenDetailAnswer } from '@/book/answers';
import { useAct } from '@/book/react';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { penSays } from '@/words/pens/pen';

/** Where its profile says nothing, h. */
const USUAL_SOAK_HOURS = 24;

/** What a new pH probe needs before its first use; nothing once it soaked or where it needs none. */
export function FirstSoak({
  pen,
  nowMs,
}: {
  readonly pen: PenDetailAnswer;
  /** The moment the screen shows: what begins now is seen at once. */
  readonly nowMs: number;
}) {
  const { act, busy } = useAct();
  const hours = pen.body.ph?.wetting?.firstSoakHours ?? USUAL_SOAK_HOURS;
  if (hours === 0 || pen.care.some(({ body }) => body.what === 'soak')) return null;
  const soak = () =>
    act(
      careFor({
        penId: pen.id,
        side: 'ph',
        what: 'soak',
        at: new Date(nowMs).toISOString(),
        until: new Date(nowMs + hours * HOUR_MS).toISOString(),
        note: penSays.beforeItsFirstUse,
      }),
    );
  return (
    <Panel>
      <Say>{penSays.firstSoakHint(hours)}</Say>
      <Button label={penSays.startFirstSoak(hours)} disabled={busy} onPress={soak} />
    </Panel>
  );
}
