import { useState } from 'react';
import { penComesBack, penLeaves, putPenAway } from '@/acts';
import type { PenAnswer } from '@/book/answers';
import { useAct } from '@/book/react';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { penSays } from '@/words/pens/pen';

const now = () => new Date().toISOString();

const WHYS = ['lost', 'sold', 'broken'] as const;

/** A pen that leaves: lost, sold, broken, or put away for long. */
export function PenLeaves({ pen }: { readonly pen: PenAnswer }) {
  const [open, setOpen] = useState(false);
  const { act, busy } = useAct();
  const { body } = pen;
  const known = { id: pen.id, revId: pen.revId };
  return (
    <>
      <Button kind="text" label={penSays.penLeaves} onPress={() => setOpen(!open)} />
      {open ? (
        <Panel>
          <Say size="small">{penSays.leavingMeans}</Say>
          {WHYS.map((why) => (
            <Button
              key={why}
              label={penSays.itIs[why]}
              disabled={busy}
              onPress={() => act(penLeaves(known, body, { why, at: now() }))}
            />
          ))}
          <Button
            label={penSays.putAway}
            disabled={busy}
            onPress={() => act(putPenAway(known, body, now()))}
          />
        </Panel>
      ) : null}
    </>
  );
}

/** What brings a pen back that was gone or put away. */
export function BringBack({ pen }: { readonly pen: PenAnswer }) {
  const { act, busy } = useAct();
  const rested = pen.word === 'resting';
  const back = () =>
    act(penComesBack({ id: pen.id, revId: pen.revId }, pen.body, { at: now(), rested }));
  return <Button kind="main" wet grow label={penSays.bringBack} disabled={busy} onPress={back} />;
}
