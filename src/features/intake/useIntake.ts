import { lightFormat } from 'date-fns/lightFormat';
import { useEffect, useRef, useState } from 'react';
import type { TablePreview, TableRefusal, TableSeen } from '@/book/answers';
import { listenTo, thisMoment, wasStopped } from '@/book/client';
import { useBook } from '@/book/react';
import type { ActId } from '@/records';
import { rejectsCsv } from '@/interchange/tables';
import { useFormats } from '@/shell/formats';
import { saveBlob } from '@/shell/saveBlob';
import { inBackground } from '@/trouble';
import { intakeSays } from '@/words/intake/intake';
import { troubleSentence } from '@/words/intake/rowTroubles';
import { firstWish, wishOf, type TypedWish } from './wish';

/** A choice is followed by another within this time: the table is read once, ms. */
const SETTLE_MS = 250;

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
  const { settings } = useFormats();
  const [step, setStep] = useState<Step>({ kind: 'none' });
  const [typed, setTyped] = useState<TypedWish>();
  const [file, setFile] = useState('');
  const [preview, setPreview] = useState<TablePreview>();
  const [progress, setProgress] = useState<number>();
  const [stopped, setStopped] = useState(false);
  const [again, setAgain] = useState(0);
  const [saved, setSaved] = useState<string>();
  /** Pressed twice it is taken in once; tried again it is the same act. */
  const taking = useRef<{ actId: ActId; going: boolean }>(undefined);

  const unit = settings.volumeUnit;
  useEffect(() => {
    if (!typed || stopped) return undefined;
    let current = true;
    const timer = setTimeout(() => {
      const told = listenTo((rows: number) => current && setProgress(rows));
      client
        .readTable(wishOf(typed, unit), thisMoment(), told)
        .then((read) => {
          if (!current || !read) return;
          setPreview(read);
          setProgress(undefined);
        })
        .catch((error: unknown) => {
          if (!current) return;
          setProgress(undefined);
          setStopped(true);
          acts.fail(error, () => setStopped(false));
        });
    }, SETTLE_MS);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [acts, again, client, stopped, typed, unit]);

  const change = (next: TypedWish) => {
    taking.current = undefined;
    setStopped(false);
    setSaved(undefined);
    // What was read before is not what is wished now: nothing can be taken in until it is read anew.
    setProgress(0);
    setTyped(next);
  };

  const open = async (chosen: File): Promise<void> => {
    setStep({ kind: 'opening' });
    setFile(chosen.name);
    setTyped(undefined);
    setPreview(undefined);
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
      setPreview(undefined);
      setTyped((was) => was && { ...was, seen });
      setProgress(0);
      setStopped(false);
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
      setPreview(undefined);
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
  const stop = () => {
    setStopped(true);
    setProgress(undefined);
    inBackground('table', client.cancelTable());
  };

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

  const goOn = () => {
    setProgress(0);
    setStopped(false);
    setAgain((count) => count + 1);
  };
  const reading = progress !== undefined;
  return {
    step,
    file,
    typed,
    preview,
    progress,
    reading,
    stopped,
    saved,
    change,
    open,
    look,
    take,
    stop,
    stopTaking,
    goOn,
    saveRejected,
  };
}
