import { useState } from 'react';
import { comparePen } from '@/acts';
import type { PenAnswer, PenDetailAnswer } from '@/book/answers';
import { useAct } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { comparisonOf, type Compared, type CompareMessages } from './comparisonForm';

/** A pen that is compared, among all pens. */
export interface Comparing {
  readonly pen: PenDetailAnswer;
  readonly pens: readonly PenAnswer[];
}

/** The pens whose number can be trusted for a quantity, but for the one that is compared. */
const checkedPens = (pens: readonly PenAnswer[], own: string, what: Compared) =>
  pens.filter(
    ({ id, body, sides }) =>
      id !== own &&
      !body.gone &&
      sides.some(
        ({ quantity, word }) => quantity === what && (word === 'ready' || word === 'checkDue'),
      ),
  );

/** What is compared with what, what is typed of it, and writing it down. */
export function useCompare({ pen, pens }: Comparing) {
  const formats = useFormats();
  const { act, busy } = useAct();
  const sides = pen.sides.map(({ quantity }) => quantity);
  const [what, setWhat] = useState<Compared>(sides[0] ?? 'temp');
  const [otherId, setOtherId] = useState<string>();
  const [ice, setIce] = useState<'ice' | 'other'>('ice');
  const [typed, setTyped] = useState({ own: '', other: '', temp: '' });
  const [messages, setMessages] = useState<CompareMessages>({});
  const others = checkedPens(pens, pen.id, what);
  const other = others.find(({ id }) => id === otherId) ?? others[0];
  const isTemp = what === 'temp';
  const inIce = isTemp && ice === 'ice';
  const field = (name: keyof typeof typed) => ({
    typed: typed[name],
    onType: (text: string) => {
      setMessages({ ...messages, [name]: undefined });
      setTyped({ ...typed, [name]: text });
    },
    message: messages[name],
    size: 'large' as const,
  });
  const save = async () => {
    const read = comparisonOf(typed, { pen, other, what, inIce, formats });
    setMessages(read.messages);
    if (read.body && (await act(comparePen(read.body))))
      setTyped({ own: '', other: '', temp: typed.temp });
  };
  return {
    sides,
    what,
    setWhat,
    isTemp,
    ice,
    setIce,
    inIce,
    others,
    other,
    setOtherId,
    field,
    /** There is something to compare with. */
    canSave: isTemp || other !== undefined,
    save,
    busy,
  };
}

export type CompareNow = ReturnType<typeof useCompare>;
