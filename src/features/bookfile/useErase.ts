import { useRef, useState } from 'react';
import type { EraseWish } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useBook } from '@/book/react';
import type { ActId } from '@/records';
import { forgetRound } from '@/shell/firstFrame/keep';

/** Lets go of entries for good, once however often it is pressed. */
export function useErase() {
  const { client, acts } = useBook();
  const [erasing, setErasing] = useState(false);
  const [erased, setErased] = useState<number>();
  /** Tried again it is the same act. */
  const going = useRef<{ actId: ActId; busy: boolean }>(undefined);
  const erase = async (wish: EraseWish): Promise<void> => {
    if (going.current?.busy) return;
    const actId = going.current?.actId ?? acts.newActId();
    going.current = { actId, busy: true };
    setErasing(true);
    try {
      setErased(await client.erase(wish, thisMoment(), actId));
      forgetRound();
      going.current = undefined;
    } catch (error) {
      going.current = { actId, busy: false };
      acts.fail(error, () => erase(wish));
    } finally {
      setErasing(false);
    }
  };
  const forget = () => {
    going.current = undefined;
    setErased(undefined);
  };
  return { erase, erasing, erased, forget };
}
