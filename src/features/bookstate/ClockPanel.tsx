import { useState } from 'react';
import { thisMoment, type AheadAnswer } from '@/book/client';
import { useBook } from '@/book/react';
import { Button } from '@/ui/button';
import { Choice, TextField } from '@/ui/form';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { aheadSentence, clock, parseMoment, shortDay, writeMoment } from '@/words';
import { bookStateSays } from '@/words/bookstate/bookState';

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
      ? bookStateSays.momentLike
      : rightMs > nowMs
        ? bookStateSays.laterThanNow
        : undefined;
  const correct = async () => {
    setTried(true);
    if (rightMs === undefined || wrong || busy) return;
    setBusy(true);
    const actId = acts.newActId();
    const send = async () => {
      await client.correctClock(rightMs - ahead.newestMs, thisMoment(), actId);
      acts.say(bookStateSays.theDatesArePutRight, actId);
    };
    await send().catch((error: unknown) => acts.fail(error, send));
    setBusy(false);
  };
  return (
    <Panel tone="caution">
      <Say bold>{aheadSentence(ahead)}</Say>
      <Say size="small">
        {bookStateSays.deviceSays({
          day: shortDay(nowMs, nowMs),
          year: new Date(nowMs).getFullYear(),
          time: clock(nowMs),
        })}
      </Say>
      <Choice
        label={bookStateSays.whichClockWasWrong}
        value={which}
        onChoose={setWhich}
        options={[
          {
            value: 'theirs',
            label: one
              ? bookStateSays.theClockItWasWrittenBy
              : bookStateSays.theClockTheyWereWrittenBy,
            hint: bookStateSays.deviceClockHint,
          },
          { value: 'mine', label: bookStateSays.deviceClockNow },
        ]}
      />
      {which === 'mine' ? <Say>{bookStateSays.setClockRight}</Say> : null}
      {which === 'theirs' ? (
        <>
          <TextField
            label={one ? bookStateSays.whenWasItReallyWritten : bookStateSays.whenNewestWritten}
            typed={typed}
            onType={setTyped}
            message={tried && wrong ? { text: wrong } : undefined}
            hint={bookStateSays.itSays(
              writeMoment(ahead.newestMs),
              one ? '' : bookStateSays.allMovedAlike,
            )}
          />
          <Button
            kind="main"
            label={one ? bookStateSays.putItsDateRight : bookStateSays.putDatesRight(ahead.count)}
            disabled={busy}
            onPress={correct}
          />
        </>
      ) : null}
    </Panel>
  );
}
