import { useEffect, useState } from 'react';
import type { PenAnswer, ReadAnswer, TankAnswer } from '@/book/answers';
import { useDraft } from '@/book/react';
import { useFormats } from '@/shell/formats';
import type { Sample } from '@/records/kinds';
import { preselected } from './preselected';
import { looksFrozen, readView, type About, type Dips, type ReadTyped } from './readModel';
import type { Saved } from './SavedReading';
import type { PenId } from '@/records';
import { useReadSave } from './useReadSave';

/** The verdict waits until typing pauses: "5" on the way to "5.8" is not low. */
const PAUSE_MS = 450;

function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}

/** What stands in an open Read, as a draft keeps it. */
interface Draft {
  readonly typed: ReadTyped;
  readonly pens: { readonly phPenId?: PenId; readonly ecPenId?: PenId };
  readonly about?: About;
}

const NO_DIPS: Dips = { ph: [], ec: [] };

interface Input {
  readonly answer: ReadAnswer;
  readonly tank: TankAnswer;
  /** What stands in the fields at first: empty, or what an undo brought back. */
  readonly initial: ReadTyped;
  readonly sample: Sample;
  /** The pen in the hand, where it is known. */
  readonly penId?: PenId | undefined;
  readonly onSaved: (saved: Saved) => void;
}

/** State of the Read form: what is typed, which pens, what it comes to, saving. */
export function useReadForm({ answer, tank, initial, sample, penId, onSaved }: Input) {
  const formats = useFormats();
  const saving = useReadSave({ answer, tank });
  const [typed, setTyped] = useState(initial);
  const [pens, setPens] = useState<Draft['pens']>(
    penId === undefined ? {} : { phPenId: penId, ecPenId: penId },
  );
  const [about, setAbout] = useState<About>({ sample, dips: NO_DIPS });
  const { keep, forget } = useDraft<Draft>(`read/${tank.id}`, (kept) => {
    setTyped({ ...initial, ...kept.typed });
    setPens((before) => ({ ...before, ...kept.pens }));
    if (kept.about) setAbout(kept.about);
  });
  useEffect(() => {
    if (typed !== initial) keep({ typed, pens, about });
  }, [typed, pens, about, initial, keep]);
  const withSide = (quantity: 'ph' | 'ec') => answer.pens.filter((pen) => pen.body[quantity]);
  const choose = (quantity: 'ph' | 'ec', id: PenId | undefined) =>
    withSide(quantity).find((pen) => pen.id === id) ??
    preselected(withSide(quantity), quantity, answer.remembered[tank.id]?.[`${quantity}PenId`]);
  const phPen = choose('ph', pens.phPenId);
  const ecPen = choose('ec', pens.ecPenId);
  const input = { tank: tank.body, phPen, ecPen, formats, ...about };
  const view = readView({ ...input, typed });
  const settledTyped = useSettled(typed);
  const settled = readView({ ...input, typed: settledTyped });

  const save = async () => {
    const now = readView({ ...input, typed });
    const saved = await saving.save({ typed, about, view: now, phPen, ecPen });
    if (!saved) return;
    forget();
    onSaved(saved);
  };
  const type = (field: keyof ReadTyped) => (text: string) => {
    saving.forget();
    setTyped((before) => ({ ...before, [field]: text }));
  };
  const lastOf = (pen: PenAnswer | undefined) => (pen ? answer.lastShown[pen.id] : undefined);
  const dipAgain = (quantity: 'ph' | 'ec') => {
    const { value } = view[quantity];
    if (value === undefined) return;
    const { dips } = about;
    setAbout({ ...about, dips: { ...dips, [quantity]: [...dips[quantity], value] } });
    type(quantity)('');
  };
  const dropDips = (quantity: 'ph' | 'ec') =>
    setAbout({ ...about, dips: { ...about.dips, [quantity]: [] } });
  return {
    typed,
    type,
    about,
    setAbout,
    dipAgain,
    dropDips,
    frozen: {
      ph: looksFrozen(view.ph.value, lastOf(phPen)?.ph),
      ec: looksFrozen(view.ec.value, lastOf(ecPen)?.ec),
    },
    phPen,
    ecPen,
    phPens: withSide('ph'),
    ecPens: withSide('ec'),
    choosePen: (quantity: 'ph' | 'ec', id: PenId) =>
      setPens((before) => ({ ...before, [quantity === 'ph' ? 'phPenId' : 'ecPenId']: id })),
    view: saving.forced ? view : settled,
    failure: saving.failure,
    surprise: saving.surprise,
    save,
    saving: saving.saving,
    formats,
  };
}
