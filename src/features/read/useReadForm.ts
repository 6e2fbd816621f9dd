import { useEffect, useState } from 'react';
import { takeReading } from '@/acts';
import type { PenAnswer, ReadAnswer, TankAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useAct, useDraft } from '@/book/react';
import { useFormats } from '@/shell/formats';
import type { Sample } from '@/records/kinds';
import { surpriseQuestion } from './surprise';
import { preselected } from './preselected';
import { looksFrozen, readView, type Dips, type ReadTyped } from './readModel';
import { readingBody } from './readingBody';
import type { Saved } from './SavedReading';
import type { PenId } from '@/records';

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

/** What was read, when, and its earlier dips. */
export interface About {
  readonly sample: Sample;
  /** Absent: now, when it is saved. */
  readonly takenMs?: number | undefined;
  readonly dips: Dips;
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
  const { act, busy } = useAct();
  const [typed, setTyped] = useState(initial);
  const [pens, setPens] = useState<Draft['pens']>(
    penId === undefined ? {} : { phPenId: penId, ecPenId: penId },
  );
  const [about, setAbout] = useState<About>({ sample, dips: NO_DIPS });
  const [failure, setFailure] = useState<string>();
  const [surprise, setSurprise] = useState<string>();
  const [askedAbout, setAskedAbout] = useState<ReadTyped>();
  /** After a try to save, messages come at once. */
  const [forced, setForced] = useState(false);
  const draft = useDraft<Draft>(`read/${tank.id}`, (kept) => {
    setTyped({ ...initial, ...kept.typed });
    setPens((before) => ({ ...before, ...kept.pens }));
    if (kept.about) setAbout(kept.about);
  });
  useEffect(() => {
    if (typed !== initial) draft.keep({ typed, pens, about });
  }, [typed, pens, about, initial, draft]);
  const withSide = (quantity: 'ph' | 'ec') => answer.pens.filter((pen) => pen.body[quantity]);
  const choose = (quantity: 'ph' | 'ec', id: string | undefined) =>
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
    if (!now.canSave) {
      setForced(true);
      if (
        now.ph.value === undefined &&
        now.ec.value === undefined &&
        !now.ph.message &&
        !now.ec.message
      ) {
        setFailure('Nothing to save yet: type the pH, the EC, or both.');
      }
      return;
    }
    // Asked once for what is typed now; saved the second time.
    const expected =
      about.sample === 'tank' && about.takenMs === undefined ? answer.expected[tank.id] : undefined;
    const question = surpriseQuestion(
      { ph: now.ph.judged, ec: now.ec.judged },
      { sample: about.sample, expected, formats },
    );
    if (question && askedAbout !== typed) {
      setAskedAbout(typed);
      setSurprise(question);
      return;
    }
    const body = readingBody({
      tankId: tank.id,
      sample: about.sample,
      takenMs: about.takenMs ?? thisMoment().nowMs,
      view: now,
      dips: about.dips,
      phPen,
      ecPen,
      note: typed.note,
    });
    const recordIds = await act(takeReading(body));
    if (recordIds) {
      draft.forget();
      onSaved({
        id: recordIds[0] ?? '',
        typed,
        sample: about.sample,
        ph: now.ph.judged,
        ec: now.ec.judged,
        savedMs: thisMoment().nowMs,
        promisedPh:
          about.sample === 'tank' && about.takenMs === undefined
            ? tank.mixing?.body.predictedPh
            : undefined,
        mixedMs: Date.parse(tank.mixing?.body.rereadAt ?? '') || undefined,
      });
    }
  };
  const type = (field: keyof ReadTyped) => (text: string) => {
    setForced(false);
    setFailure(undefined);
    setSurprise(undefined);
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
    choosePen: (quantity: 'ph' | 'ec', id: string) =>
      setPens((before) => ({ ...before, [quantity === 'ph' ? 'phPenId' : 'ecPenId']: id })),
    view: forced ? view : settled,
    failure,
    surprise,
    save,
    saving: busy,
    formats,
  };
}
