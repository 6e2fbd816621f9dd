import { lightFormat } from 'date-fns/lightFormat';
import { useRef, useState } from 'react';
import type { LedgerKind, LedgerQuery } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useBook } from '@/book/react';
import { writeCalendar, type DecimalMark } from '@/interchange/tables';
import { useFormats } from '@/shell/formats';
import { saveBlob } from '@/shell/saveBlob';
import { dueTitle, outName, outSays } from '@/words/out/out';

/** What is taken out. */
export type Taken =
  | { readonly as: 'csv'; readonly kind: LedgerKind; readonly mark: DecimalMark }
  | { readonly as: 'package' }
  | { readonly as: 'calendar' };

/** Whether this browser hands files on to other programs. */
export const canShareFiles = (): boolean =>
  typeof navigator.canShare === 'function' &&
  navigator.canShare({ files: [new File([''], 'a.csv', { type: 'text/csv' })] });

/** Makes a file of what was asked, once however often it is pressed, and saves it or hands it on. */
export function useTakeOut(query: LedgerQuery) {
  const { client, acts } = useBook();
  const formats = useFormats();
  const [making, setMaking] = useState(false);
  const [done, setDone] = useState<string>();
  const going = useRef(false);
  const blobOf = async (taken: Taken, nowMs: number): Promise<Blob> => {
    if (taken.as === 'csv') return client.outCsv(taken.kind, query, taken.mark);
    if (taken.as === 'package') return client.outPackage(query, nowMs);
    const due = await client.dueDays(nowMs);
    const days = due.map((each) => ({
      uid: [each.kind, 'quantity' in each ? each.quantity : '', each.id].filter(Boolean).join('-'),
      atMs: each.atMs,
      title: dueTitle(each, formats),
      text: outSays.updates,
    }));
    const text = writeCalendar(days, outSays.calendarName, nowMs);
    return new Blob([text], { type: 'text/calendar' });
  };
  const make = async (taken: Taken, share: boolean): Promise<void> => {
    if (going.current) return;
    going.current = true;
    setMaking(true);
    setDone(undefined);
    const { nowMs } = thisMoment();
    const name = outName(
      taken.as === 'csv' ? taken.kind : taken.as,
      lightFormat(nowMs, 'yyyy-MM-dd'),
    );
    try {
      const blob = await blobOf(taken, nowMs);
      if (share) {
        await navigator.share({ files: [new File([blob], name, { type: blob.type })] });
        setDone(outSays.shared(name));
      } else {
        saveBlob(name, blob);
        setDone(outSays.made(name));
      }
    } catch (error) {
      // Whoever closes the system's sheet has changed their mind: nothing failed.
      if (!(error instanceof DOMException && error.name === 'AbortError'))
        acts.fail(error, () => make(taken, share));
    } finally {
      going.current = false;
      setMaking(false);
    }
  };
  return { make, making, done };
}
