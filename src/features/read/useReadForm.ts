import { useEffect, useState } from 'react';
import type { ReadAnswer, TankAnswer } from '@/book/answers';
import { useAppend, useDraft } from '@/book/react';
import { useFormats } from '@/features/frame/formats';
import type { JudgedValue } from '@/core/readings';
import { CORE_VERSION } from '@/core/version';
import type { Reading, ShownThen } from '@/records/kinds';
import { surpriseQuestion } from './surprise';
import { readView, type ReadTyped } from './readModel';
import type { Saved } from './SavedReading';

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

/** What the grower saw when saving, kept as evidence. */
function shownThen(judged: JudgedValue | undefined): ShownThen | undefined {
  if (!judged) return undefined;
  const { value, budget, verdict } = judged;
  return { value, expandedU: budget.expandedU, verdict, core: CORE_VERSION };
}

/** What stands in an open Read, as a draft keeps it. */
interface Draft {
  readonly typed: ReadTyped;
  readonly pens: { readonly phPenId?: string; readonly ecPenId?: string };
}

interface Input {
  readonly answer: ReadAnswer;
  readonly tank: TankAnswer;
  /** What stands in the fields at first: empty, or what an undo brought back. */
  readonly initial: ReadTyped;
  readonly onSaved: (saved: Saved) => void;
}

/** State of the Read form: what is typed, which pens, what it comes to, saving. */
export function useReadForm({ answer, tank, initial, onSaved }: Input) {
  const formats = useFormats();
  const append = useAppend();
  const [typed, setTyped] = useState(initial);
  const [pens, setPens] = useState(answer.remembered[tank.id] ?? {});
  const [failure, setFailure] = useState<string>();
  const [surprise, setSurprise] = useState<string>();
  const [askedAbout, setAskedAbout] = useState<ReadTyped>();
  /** After a try to save, messages come at once. */
  const [forced, setForced] = useState(false);
  const draft = useDraft<Draft>(`read/${tank.id}`, (kept) => {
    setTyped({ ...initial, ...kept.typed });
    setPens((before) => ({ ...before, ...kept.pens }));
  });
  useEffect(() => {
    if (typed !== initial) draft.keep({ typed, pens });
  }, [typed, pens, initial, draft]);
  const withSide = (quantity: 'ph' | 'ec') => answer.pens.filter((pen) => pen.body[quantity]);
  const choose = (quantity: 'ph' | 'ec', id: string | undefined) =>
    withSide(quantity).find((pen) => pen.id === id) ?? withSide(quantity)[0];
  const phPen = choose('ph', pens.phPenId);
  const ecPen = choose('ec', pens.ecPenId);
  const input = { tank: tank.body, phPen, ecPen, formats };
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
    const question = surpriseQuestion(
      { ph: now.ph.judged, ec: now.ec.judged },
      answer.expected[tank.id],
      formats,
    );
    if (question && askedAbout !== typed) {
      setAskedAbout(typed);
      setSurprise(question);
      return;
    }
    const body: Reading = {
      tankId: tank.id,
      sampleKind: 'tank',
      takenAt: new Date().toISOString(),
      tempC: now.temp.value,
      ph:
        now.ph.value === undefined || !phPen
          ? undefined
          : { shown: now.ph.value, penId: phPen.id, shownThen: shownThen(now.ph.judged) },
      ec:
        now.ec.value === undefined || !ecPen?.body.ec
          ? undefined
          : {
              shown: now.ec.value,
              scale: ecPen.body.ec.scale,
              penId: ecPen.id,
              shownThen: shownThen(now.ec.judged),
            },
      note: '',
    };
    try {
      const { recordIds } = await append.mutateAsync([{ kind: 'reading', body }]);
      draft.forget();
      onSaved({
        id: recordIds[0] ?? '',
        typed,
        ph: now.ph.judged,
        ec: now.ec.judged,
        savedMs: Date.now(),
        promisedPh: tank.mixing?.body.predictedPh,
      });
    } catch (error) {
      setFailure(
        `Not saved; what you typed is still here. ${error instanceof Error ? error.message : ''}`,
      );
    }
  };
  const type = (field: keyof ReadTyped) => (text: string) => {
    setForced(false);
    setFailure(undefined);
    setSurprise(undefined);
    setTyped((before) => ({ ...before, [field]: text }));
  };
  return {
    typed,
    type,
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
    saving: append.isPending,
    formats,
  };
}
