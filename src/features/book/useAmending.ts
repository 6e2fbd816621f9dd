import { useRef } from 'react';
import type { Act } from '@/acts';
import { thisMoment } from '@/book/client';
import { useAct, useBook } from '@/book/react';
import type { Change } from '@/records';
import { inBackground } from '@/trouble';
import { effectWords } from '@/words/book/effects';

/** Amending and voiding: once, however often it is pressed; and it is told what else changes by it. */
export function useAmending() {
  const { client } = useBook();
  const { act, busy } = useAct();
  const going = useRef(false);
  const write = async (
    changes: readonly Change[],
    make: (changes: readonly Change[], told: string) => Act,
  ): Promise<boolean> => {
    if (going.current) return false;
    going.current = true;
    try {
      const asked = client.amendEffects(changes, thisMoment().nowMs);
      inBackground('amendment', asked);
      // What cannot be worked out is not told; the entry is put right all the same.
      const told = await asked.then(effectWords, () => '');
      return Boolean(await act(make(changes, told)));
    } finally {
      going.current = false;
    }
  };
  return { write, busy };
}
