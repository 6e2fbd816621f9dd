import { useState } from 'react';
import { amend, amendment, type Entry } from '@/acts';
import type { BookNames } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useDraft } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { Button } from '@/ui/button';
import { FieldRow, SelectField, TextField } from '@/ui/form';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { entrySays } from '@/words/book/entry';
import { amendedBody, type AmendField, type AmendMessages } from './amendField';
import { amendFields } from './amendFields';
import { useAmending } from './useAmending';

interface Props {
  readonly entry: Entry;
  readonly names: BookNames;
  readonly title: string;
  readonly onDone: () => void;
}

/** What is typed and not saved yet. */
interface Drafted {
  readonly typed: Readonly<Record<string, string>>;
  readonly why: string;
}

/** Says what was really shown, poured or done; what stood there before stays readable. */
export function AmendScreen({ entry, names, title, onDone }: Props) {
  const formats = useFormats();
  const { write, busy } = useAmending();
  const { kind, body } = entry;
  const fields = amendFields(kind, body, { formats, names }) as readonly AmendField<typeof body>[];
  const [typed, setTyped] = useState<Readonly<Record<string, string>>>(() =>
    Object.fromEntries(fields.map(({ name, typed: text }) => [name, text])),
  );
  const [why, setWhy] = useState('');
  const [messages, setMessages] = useState<AmendMessages>({});
  // Of this version: what was typed over another one is not what is amended now.
  const draft = useDraft<Drafted>(`amend/${entry.known.id}/${entry.known.revId}`, (kept) => {
    setTyped((was) => ({ ...was, ...kept.typed }));
    setWhy(kept.why);
  });
  const type = (next: Readonly<Record<string, string>>) => {
    setTyped(next);
    draft.keep({ typed: next, why });
  };
  const typeWhy = (next: string) => {
    setWhy(next);
    draft.keep({ typed, why: next });
  };
  const save = async () => {
    const { nowMs } = thisMoment();
    const result = amendedBody({ fields, body, typed, nowMs });
    const wrong: AmendMessages = 'messages' in result ? result.messages : {};
    const missing: AmendMessages = why.trim() === '' ? { why: entrySays.whyMissing } : {};
    setMessages({ ...wrong, ...missing });
    if ('messages' in result || why.trim() === '') return;
    if (!(await write(amendment(entry, result.body, why), amend))) return;
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
        {fields.map(({ name, label, unit, takes }) =>
          takes.as === 'choice' ? (
            <SelectField
              key={name}
              label={label}
              value={typed[name] ?? ''}
              options={takes.options}
              onChoose={(value) => type({ ...typed, [name]: value })}
            />
          ) : (
            <TextField
              key={name}
              label={label}
              typed={typed[name] ?? ''}
              onType={(text) => type({ ...typed, [name]: text })}
              numeric={takes.as === 'number'}
              message={messages[name] ? { text: messages[name] } : undefined}
              {...(unit ? { unit } : {})}
            />
          ),
        )}
        <TextField
          label={entrySays.why}
          hint={entrySays.whyAmendHint}
          typed={why}
          onType={typeWhy}
          message={messages.why ? { text: messages.why } : undefined}
        />
      </FieldRow>
    </Screen>
  );
}
