import { useMutation, useQueryClient } from '@tanstack/react-query';
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
  const tooLong = by.trim().length > MOST_INITIALS;
  // The same run is kept once: again with other initials it stands in the place of the first.
  const { mutate, isSuccess, isError } = useMutation({
    mutationFn: (initials: string) => {
      const { errorPh, errorEcRel, tankOffPh, wornDays, bufferMl, minutes } = played.outcome;
      return client.keepPracticeRun({
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
    },
    onSuccess: (runs) => queryClient.setQueryData(['practiceRuns', undefined], runs),
    onError: (error) => noteTrouble(practiceSays.results, error),
  });
  const [first] = useState(by.trim());
  useEffect(() => mutate(first), [mutate, first]);
  return (
    <View>
      <TextField
        label={practiceSays.initials}
        typed={by}
        onType={setBy}
        onBlur={() => (tooLong ? undefined : mutate(by.trim()))}
        message={tooLong ? { text: practiceSays.initialsMessage } : undefined}
      />
      <View role="status" aria-live="polite">
        {isSuccess ? (
          <Say size="small" tone="soft">
            {practiceSays.saved}
          </Say>
        ) : null}
        {isError ? (
          <Say size="small" tone="off" bold>
            {practiceSays.notSaved}
          </Say>
        ) : null}
      </View>
      {isError ? <Button label={practiceSays.keepAgain} onPress={() => mutate(by.trim())} /> : null}
    </View>
  );
}
