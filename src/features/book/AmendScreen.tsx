import { useState } from 'react';
import { amend, type Known } from '@/acts';
import type { EntryAnswer } from '@/book/answers';
import { useAct } from '@/book/react';
import { useFormats } from '@/shell/formats';
import type { Addition, CareEvent, Reading } from '@/records/kinds';
import { Button } from '@/ui/button';
import { FieldRow, TextField } from '@/ui/form';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { entrySays } from '@/words/book/entry';
import { amendedBody, amendFields, type AmendMessages } from './amendFields';

interface Props {
  readonly entry: EntryAnswer;
  readonly title: string;
  readonly known: Known;
  readonly onDone: () => void;
}

/** Says what was really shown, poured or done; what stood there before stays readable. */
export function AmendScreen({ entry, title, known, onDone }: Props) {
  const formats = useFormats();
  const { act, busy } = useAct();
  const { kind } = entry;
  const body = entry.versions[0]!.body as Reading | Addition | CareEvent;
  const fields = amendFields(kind, body, formats);
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(fields.map(({ name, typed: text }) => [name, text])),
  );
  const [why, setWhy] = useState('');
  const [messages, setMessages] = useState<AmendMessages>({});
  const save = async () => {
    const result = amendedBody({ kind, body, typed, nowMs: Date.now(), formats });
    const wrong: AmendMessages = 'messages' in result ? result.messages : {};
    const missing: AmendMessages = why.trim() === '' ? { why: entrySays.whyMissing } : {};
    setMessages({ ...wrong, ...missing });
    if ('messages' in result || why.trim() === '') return;
    if (await act(amend(kind, known, { body: result.body as never, why }))) onDone();
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
            label={entrySays.amendTheEntry}
            disabled={busy}
            onPress={save}
          />
        </>
      }
    >
      <Say size="large" face="slab" heading={1}>
        {title}
      </Say>
      <Say bold>{entrySays.whatShouldItSay}</Say>
      <Say size="small">{entrySays.whatAmendMeans}</Say>
      <FieldRow>
        {fields.map(({ name, label, unit, numeric }) => (
          <TextField
            key={name}
            label={label}
            typed={typed[name] ?? ''}
            onType={(text) => setTyped({ ...typed, [name]: text })}
            numeric={numeric}
            message={messages[name] ? { text: messages[name] } : undefined}
            {...(unit ? { unit } : {})}
          />
        ))}
        <TextField
          label={entrySays.why}
          hint={entrySays.whyAmendHint}
          typed={why}
          onType={setWhy}
          message={messages.why ? { text: messages.why } : undefined}
        />
      </FieldRow>
    </Screen>
  );
}
