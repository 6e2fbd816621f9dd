import { useState } from 'react';
import { readingOf, takeReading } from '@/acts';
import type { PenAnswer, ReadAnswer, TankAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useAct } from '@/book/react';
import { useFormats } from '@/shell/formats';
import { readSays } from '@/words/read/read';
import type { About, ReadTyped, ReadView } from './readModel';
import type { Saved } from './SavedReading';
import { surpriseQuestion } from './surprise';

/** What is saved: what is typed now, with which pens, and what it comes to. */
export interface ToSave {
  readonly typed: ReadTyped;
  readonly about: About;
  readonly view: ReadView;
  readonly phPen: PenAnswer | undefined;
  readonly ecPen: PenAnswer | undefined;
}

interface Input {
  readonly answer: ReadAnswer;
  readonly tank: TankAnswer;
}

/** The dips of a quantity: the earlier ones, and what stands in its field. */
const dipsOf = (quantity: 'ph' | 'ec', { about, view }: ToSave): readonly number[] => {
  const { value } = view[quantity];
  return [...about.dips[quantity], ...(value === undefined ? [] : [value])];
};

/** The record of what is typed, taken now where no other time was given. */
function recordOf(read: ToSave, tank: TankAnswer) {
  const { about, view, typed, phPen, ecPen } = read;
  const { ph, ec, temp, level, labPh, labEc } = view;
  const scale = ecPen?.body.ec?.scale;
  return readingOf({
    tankId: tank.id,
    sample: about.sample,
    takenMs: about.takenMs ?? thisMoment().nowMs,
    tempC: temp.value,
    ph: phPen && { penId: phPen.id, dips: dipsOf('ph', read), judged: ph.judged },
    ec: ecPen && scale && { penId: ecPen.id, dips: dipsOf('ec', read), judged: ec.judged, scale },
    volumeL: level.value,
    lab: { ph: labPh.value, ecMsPerCm: labEc.value },
    note: typed.note,
  });
}

/** Saving what is typed: what is missing is said, what surprises is asked once, then it is booked. */
export function useReadSave({ answer, tank }: Input) {
  const formats = useFormats();
  const { act, busy } = useAct();
  const [failure, setFailure] = useState<string>();
  const [surprise, setSurprise] = useState<string>();
  const [askedAbout, setAskedAbout] = useState<ReadTyped>();
  /** After a try to save, messages come at once. */
  const [forced, setForced] = useState(false);

  const refuse = ({ ph, ec }: ReadView) => {
    setForced(true);
    const nothing = [ph, ec].every(({ value, message }) => value === undefined && !message);
    if (nothing) setFailure(readSays.nothingToSave);
  };
  /** The question about what is typed, where there is one that was not asked yet. */
  const asks = ({ typed, view }: ToSave, ofTankNow: boolean, { sample }: About) => {
    if (askedAbout === typed) return undefined;
    const expected = ofTankNow ? answer.expected[tank.id] : undefined;
    const judged = { ph: view.ph.judged, ec: view.ec.judged };
    return surpriseQuestion(judged, { sample, expected, formats });
  };
  /** What is in the book then; undefined where it was refused, asked about, or failed. */
  const save = async (read: ToSave): Promise<Saved | undefined> => {
    const { typed, about, view } = read;
    if (!view.canSave) {
      refuse(view);
      return undefined;
    }
    const ofTankNow = about.sample === 'tank' && about.takenMs === undefined;
    const question = asks(read, ofTankNow, about);
    if (question) {
      setAskedAbout(typed);
      setSurprise(question);
      return undefined;
    }
    const recordIds = await act(takeReading(recordOf(read, tank)));
    if (!recordIds) return undefined;
    const dose = tank.mixing?.body;
    return {
      id: recordIds[0] ?? '',
      typed,
      sample: about.sample,
      ph: view.ph.judged,
      ec: view.ec.judged,
      savedMs: thisMoment().nowMs,
      promisedPh: ofTankNow ? dose?.predictedPh : undefined,
      mixedMs: Date.parse(dose?.rereadAt ?? '') || undefined,
    };
  };
  /** Something else is typed: what was said of it no longer holds. */
  const forget = () => {
    setForced(false);
    setFailure(undefined);
    setSurprise(undefined);
  };
  return { save, saving: busy, failure, surprise, forced, forget };
}
