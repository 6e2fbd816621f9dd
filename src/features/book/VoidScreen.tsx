import { useState } from 'react';
import { voidEntry, voiding, type Entry } from '@/acts';
import { useDraft } from '@/book/react';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/form';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { entrySays } from '@/words/book/entry';
import { useAmending } from './useAmending';

interface Props {
  readonly entry: Entry;
  readonly title: string;
  readonly onDone: () => void;
}

/** Takes an entry out of all judging, with why; it stays readable. */
export function VoidScreen({ entry, title, onDone }: Props) {
  const { write, busy } = useAmending();
  const [why, setWhy] = useState('');
  const [tried, setTried] = useState(false);
  const draft = useDraft<string>(`void/${entry.known.id}/${entry.known.revId}`, setWhy);
  const typeWhy = (next: string) => {
    setWhy(next);
    draft.keep(next);
  };
  const save = async () => {
    setTried(true);
    if (why.trim() === '') return;
    if (!(await write(voiding(entry, why), voidEntry))) return;
    draft.forget();
    onDone();
  };
  return (
    <Screen
      actions={
        <>
          <Button wet label={commonSays.leaveItAsItIs} onPress={onDone} />
          <Button
            kind="main"
            wet
            grow
            label={entrySays.voidTheEntry}
            disabled={busy}
            onPress={save}
          />
        </>
      }
    >
      <Say size="large" face="slab" heading={1}>
        {title}
      </Say>
      <Say bold>{entrySays.itShouldNeverHaveBeen}</Say>
      <Say size="small">{entrySays.whatVoidMeans}</Say>
      <TextField
        label={entrySays.why}
        hint={entrySays.whyVoidHint}
        typed={why}
        onType={typeWhy}
        message={tried && why.trim() === '' ? { text: entrySays.whyMissing } : undefined}
      />
    </Screen>
  );
}
