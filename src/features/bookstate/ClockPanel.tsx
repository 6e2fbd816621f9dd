import { useState } from 'react';
import { thisMoment, type AheadAnswer } from '@/book/client';
import { useBook } from '@/book/react';
import { Button } from '@/ui/button';
import { Choice, TextField } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { counted, aheadSentence, clock, parseMoment, shortDay, writeMoment } from '@/words';

interface Props {
  readonly ahead: AheadAnswer;
  readonly nowMs: number;
}

/** Entries from the future: which clock was wrong, and putting them right as one act. */
export function ClockPanel({ ahead, nowMs }: Props) {
  const { client, acts } = useBook();
  const [which, setWhich] = useState<'theirs' | 'mine' | ''>('');
  const [typed, setTyped] = useState(() => writeMoment(nowMs));
  const [tried, setTried] = useState(false);
  const [busy, setBusy] = useState(false);
  const one = ahead.count === 1;
  const rightMs = parseMoment(typed);
  const wrong =
    rightMs === undefined
      ? 'Like 2026-07-31 07:30.'
      : rightMs > nowMs
        ? 'That is later than this device’s clock says it is now.'
        : undefined;
  const correct = async () => {
    setTried(true);
    if (rightMs === undefined || wrong || busy) return;
    setBusy(true);
    const actId = acts.newActId();
    const send = async () => {
      await client.correctClock(rightMs - ahead.newestMs, thisMoment(), actId);
      acts.say('The dates are put right.', actId);
    };
    await send().catch((error: unknown) => acts.fail(error, send));
    setBusy(false);
  };
  return (
    <Panel tone="caution">
      <Say bold>{aheadSentence(ahead)}</Say>
      <Say size="small">
        This device says it is now {shortDay(nowMs, nowMs)} {new Date(nowMs).getFullYear()},{' '}
        {clock(nowMs)}.
      </Say>
      <Choice
        label="Which clock was wrong?"
        value={which}
        onChoose={setWhich}
        options={[
          {
            value: 'theirs',
            label: one ? 'the clock it was written by' : 'the clock they were written by',
            hint: 'this device’s clock is right now',
          },
          { value: 'mine', label: 'this device’s clock, now' },
        ]}
      />
      {which === 'mine' ? (
        <Say>
          Set the clock of this device right in its own settings. The entries count again by
          themselves as soon as it is right.
        </Say>
      ) : null}
      {which === 'theirs' ? (
        <>
          <TextField
            label={
              one ? 'When was it really written?' : 'When was the newest of them really written?'
            }
            typed={typed}
            onType={setTyped}
            message={tried && wrong ? { text: wrong } : undefined}
            hint={`It says ${writeMoment(ahead.newestMs)}. ${one ? '' : 'All of them are moved by the same time. '}What stood there before stays readable.`}
          />
          <Button
            kind="main"
            label={
              one ? 'Put its date right' : `Put the dates of ${counted(ahead.count, 'entry')} right`
            }
            disabled={busy}
            onPress={correct}
          />
        </>
      ) : null}
    </Panel>
  );
}
