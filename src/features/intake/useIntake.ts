import { lightFormat } from 'date-fns/lightFormat';
import { useRef, useState } from 'react';
import type { TableRefusal, TableSeen } from '@/book/answers';
import { listenTo, thisMoment, wasStopped } from '@/book/client';
import { useBook } from '@/book/react';
import type { ActId } from '@/records';
import { rejectsCsv } from '@/interchange/tables';
import { saveBlob } from '@/shell/saveBlob';
import { inBackground } from '@/trouble';
import { intakeSays } from '@/words/intake/intake';
import { troubleSentence } from '@/words/intake/rowTroubles';
import { useTablePreview } from './useTablePreview';
import { firstWish, type TypedWish } from './wish';

/** Where a table stands on its way into the book. */
export type Step =
  | { readonly kind: 'none' | 'opening' }
  | { readonly kind: 'taking'; readonly share: number }
  | { readonly kind: 'refused'; readonly refusal: TableRefusal }
  | { readonly kind: 'open' }
  | { readonly kind: 'taken'; readonly count: number; readonly subject: TableSeen['subject'] };

/** A table on its way into the book: opened, read as the grower wishes, then taken in or left. */
export function useIntake() {
  const { client, acts } = useBook();
  const [step, setStep] = useState<Step>({ kind: 'none' });
  const [typed, setTyped] = useState<TypedWish>();
  const [file, setFile] = useState('');
  const [saved, setSaved] = useState<string>();
  /** Pressed twice it is taken in once; tried again it is the same act. */
  const taking = useRef<{ actId: ActId; going: boolean }>(undefined);
  const { clear, begin, ...read } = useTablePreview(typed);
  const { preview } = read;

  const change = (next: TypedWish) => {
    taking.current = undefined;
    setSaved(undefined);
    begin();
    setTyped(next);
  };

  const open = async (chosen: File): Promise<void> => {
    setStep({ kind: 'opening' });
    setFile(chosen.name);
    setTyped(undefined);
    clear();
    try {
      const opened = await client.openTable(chosen);
      if (!opened.ok) return setStep({ kind: 'refused', refusal: opened.refusal });
      setStep({ kind: 'open' });
      change(firstWish(opened.value));
    } catch (error) {
      setStep({ kind: 'none' });
      acts.fail(error, () => open(chosen));
    }
  };

  /** The same table under another subject or shape; what was matched by name stays. */
  const look = async (at: Pick<TableSeen, 'subject' | 'shape'>): Promise<void> => {
    if (!typed) return;
    try {
      const { subject, shape } = at;
      const seen = await client.lookAgain({ subject, shape });
      taking.current = undefined;
      clear();
      setTyped((was) => was && { ...was, seen });
      begin();
    } catch (error) {
      acts.fail(error, () => look(at));
    }
  };

  const take = async (): Promise<void> => {
    if (!preview || taking.current?.going) return;
    const actId = taking.current?.actId ?? acts.newActId();
    taking.current = { actId, going: true };
    setStep({ kind: 'taking', share: 0 });
    // What comes on its own way may come after the end.
    const hear = listenTo((share: number) =>
      setStep((now) => (now.kind === 'taking' ? { kind: 'taking', share } : now)),
    );
    try {
      const { taken } = await client.takeTable(thisMoment(), actId, hear);
      setStep({ kind: 'taken', count: taken, subject: preview.subject });
      setTyped(undefined);
      clear();
      taking.current = undefined;
      acts.say(intakeSays.tookIn(taken, preview.subject), actId);
    } catch (error) {
      taking.current = { actId, going: false };
      setStep({ kind: 'open' });
      if (!wasStopped(error)) acts.fail(error, take);
    }
  };

  /** Stops the taking in; what was read stays and can be taken in all the same. */
  const stopTaking = () => inBackground('table', client.cancelTable());

  const saveRejected = async (): Promise<void> => {
    try {
      const text = rejectsCsv(await client.rejectedRows(), troubleSentence);
      const name = intakeSays.rejectedName(lightFormat(thisMoment().nowMs, 'yyyy-MM-dd'));
      saveBlob(name, new Blob([text], { type: 'text/csv' }));
      setSaved(name);
    } catch (error) {
      acts.fail(error, saveRejected);
    }
  };

  return { step, file, typed, saved, ...read, change, open, look, take, stopTaking, saveRejected };
}

export type Intake = ReturnType<typeof useIntake>;
