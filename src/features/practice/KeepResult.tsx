import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useBook } from '@/book/react';
import type { Cost, Played } from '@/core/practice';
import { noteTrouble } from '@/trouble';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Say } from '@/ui/text';
import { practiceSays } from '@/words/practice/benchWords';
import type { Opened } from './spec';

interface Props {
  readonly opened: Opened;
  readonly played: Played;
  readonly costs: readonly Cost[];
}

const MOST_INITIALS = 4;

/** Keeps a finished run with the results of this device; says so, and says it aloud where it fails. */
export function KeepResult({ opened, played, costs }: Props) {
  const { client, device } = useBook();
  const queryClient = useQueryClient();
  const [id] = useState(() => `${Date.now()}-${Math.random().toString(36).slice(2, 10)}`);
  const [endedAtMs] = useState(() => Date.now());
  const [by, setBy] = useState(device.initials);
  const [kept, setKept] = useState<'no' | 'yes' | 'failed'>('no');
  const tooLong = by.trim().length > MOST_INITIALS;
  const keep = async (initials: string) => {
    const { outcome } = played;
    const { errorPh, errorEcRel, tankOffPh, wornDays, bufferMl, minutes } = outcome;
    try {
      const runs = await client.keepPracticeRun({
        id,
        endedAtMs,
        by: initials,
        practice: opened.practice.id,
        ...(opened.code ? { code: opened.code } : {}),
        mistakes: costs.map(({ kind }) => kind),
        ...(errorPh === undefined ? {} : { errorPh }),
        ...(errorEcRel === undefined ? {} : { errorEcRel }),
        ...{ tankOffPh, wornDays, bufferMl, minutes },
      });
      queryClient.setQueryData(['practiceRuns', undefined], runs);
      setKept('yes');
    } catch (error) {
      noteTrouble('practice result', error);
      setKept('failed');
    }
  };
  useEffect(() => {
    void keep(by.trim());
    // Once when it is there; a change of the initials keeps it anew under the same id.
  }, []);
  return (
    <View>
      <TextField
        label={practiceSays.initials}
        typed={by}
        onType={setBy}
        onBlur={() => (tooLong ? undefined : void keep(by.trim()))}
        message={tooLong ? { text: practiceSays.initialsMessage } : undefined}
      />
      <View role="status" aria-live="polite">
        {kept === 'yes' ? (
          <Say size="small" tone="soft">
            {practiceSays.saved}
          </Say>
        ) : null}
        {kept === 'failed' ? (
          <Say size="small" tone="off" bold>
            {practiceSays.notSaved}
          </Say>
        ) : null}
      </View>
      {kept === 'failed' ? (
        <Button label={practiceSays.keepAgain} onPress={() => keep(by.trim())} />
      ) : null}
    </View>
  );
}
