import type { PenAnswer } from '@/book/answers';
import type { JudgedValue } from '@/core/readings';
import { CORE_VERSION } from '@/core/version';
import type { Reading, Sample, ShownThen } from '@/records/kinds';
import type { Dips, ReadView } from './readModel';
import type { TankId } from '@/records';

/** What the grower saw when saving, kept as evidence. */
function shownThen(judged: JudgedValue | undefined): ShownThen | undefined {
  if (!judged) return undefined;
  const { value, budget, verdict } = judged;
  return { value, expandedU: budget.expandedU, verdict, core: CORE_VERSION };
}

interface Input {
  readonly tankId: TankId;
  readonly sample: Sample;
  readonly takenMs: number;
  readonly view: ReadView;
  readonly dips: Dips;
  readonly phPen: PenAnswer | undefined;
  readonly ecPen: PenAnswer | undefined;
  readonly note: string;
}

/** The record of what was read: raw values as displayed, every dip of them. */
export function readingBody(input: Input): Reading {
  const { tankId, sample, takenMs, view, dips, phPen, ecPen, note } = input;
  const [ph, ...phAgain] = [...dips.ph, ...(view.ph.value === undefined ? [] : [view.ph.value])];
  const [ec, ...ecAgain] = [...dips.ec, ...(view.ec.value === undefined ? [] : [view.ec.value])];
  const lab = view.labPh.value !== undefined || view.labEc.value !== undefined;
  return {
    tankId,
    sampleKind: sample,
    takenAt: new Date(takenMs).toISOString(),
    tempC: view.temp.value,
    ph:
      ph === undefined || !phPen
        ? undefined
        : {
            shown: ph,
            repeats: phAgain.length > 0 ? phAgain : undefined,
            penId: phPen.id,
            shownThen: shownThen(view.ph.judged),
          },
    ec:
      ec === undefined || !ecPen?.body.ec
        ? undefined
        : {
            shown: ec,
            repeats: ecAgain.length > 0 ? ecAgain : undefined,
            scale: ecPen.body.ec.scale,
            penId: ecPen.id,
            shownThen: shownThen(view.ec.judged),
          },
    volumeL: view.level.value,
    lab: lab ? { ph: view.labPh.value, ecMsPerCm: view.labEc.value, name: '' } : undefined,
    note,
  };
}
