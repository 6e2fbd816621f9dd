import type { EcScale } from '@/core/units';
import type { JudgedValue } from '@/core/readings';
import { CORE_VERSION } from '@/core/version';
import type { PenId, TankId } from '@/records';
import type { Reading, Sample, ShownThen } from '@/records/kinds';

/** One quantity as it was read. */
interface ReadQuantity {
  readonly penId: PenId;
  /** Every dip of the sample as displayed, in their order. */
  readonly dips: readonly number[];
  /** What the grower saw of it when it was saved. */
  readonly judged?: JudgedValue | undefined;
}

/** What was read of one sample. */
export interface Read {
  readonly tankId: TankId;
  readonly sample: Sample;
  /** Epoch ms. */
  readonly takenMs: number;
  readonly tempC?: number | undefined;
  readonly ph?: ReadQuantity | undefined;
  readonly ec?: (ReadQuantity & { readonly scale: EcScale }) | undefined;
  /** How much was in the tank, L. */
  readonly volumeL?: number | undefined;
  /** What a laboratory found in the same sample; EC at 25 °C. */
  readonly lab?: { readonly ph?: number | undefined; readonly ecMsPerCm?: number | undefined };
  readonly note: string;
}

/** What the grower saw when saving, kept as evidence. */
function shownThen(judged: JudgedValue | undefined): ShownThen | undefined {
  if (!judged) return undefined;
  const { value, budget, verdict } = judged;
  return { value, expandedU: budget.expandedU, verdict, core: CORE_VERSION };
}

/** The first dip with the others beside it; undefined where there was none. */
function dipped({ penId, dips, judged }: ReadQuantity) {
  const [shown, ...repeats] = dips;
  if (shown === undefined) return undefined;
  return {
    shown,
    repeats: repeats.length > 0 ? repeats : undefined,
    penId,
    shownThen: shownThen(judged),
  };
}

/** The record of what was read: raw values as displayed, every dip of them. */
export function readingOf({ tankId, sample, takenMs, tempC, ph, ec, ...read }: Read): Reading {
  const { volumeL, lab, note } = read;
  const ecDipped = ec && dipped(ec);
  const fromLab = lab && (lab.ph !== undefined || lab.ecMsPerCm !== undefined);
  return {
    tankId,
    sampleKind: sample,
    takenAt: new Date(takenMs).toISOString(),
    tempC,
    ph: ph && dipped(ph),
    ec: ecDipped && { ...ecDipped, scale: ec.scale },
    volumeL,
    lab: fromLab ? { ph: lab.ph, ecMsPerCm: lab.ecMsPerCm, name: '' } : undefined,
    note,
  };
}
