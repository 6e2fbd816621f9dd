import { MINUTE_MS } from '../units';
import {
  REAGENTS,
  isDry,
  molPerUnit,
  nutrientsAdded,
  type Product,
  type StrengthRefusal,
} from '../chemistry';
import { answer, refuse, type Result } from '../result';
import {
  airedAfter,
  amountsToMove,
  equivalentsOf,
  expectedAfter,
  meanIn,
  quantileIn,
  stepByAll,
  type Wanted,
} from '../tank-belief';
import type { DoseInput, DosePlan, DoseRefusal } from './dosePlanTypes';
import { pourOf, productMlOf } from './pourable';
import { refusalBefore } from './refusalBefore';

/** What a plan's amounts are counted in, beside moles for each litre of the tank. */
export interface Amounts {
  readonly unit: 'mL' | 'g';
  /** Of the belief's amount for each litre: mL or grams for the whole tank. */
  readonly perUnitPerL: number;
  /** Nobody knows the strength: the belief counts in litres of product. */
  readonly unknown: boolean;
}

/** How a product is measured out for a tank; refuses a strength that cannot be. */
export function amountsOf(product: Product, volumeL: number): Result<Amounts, StrengthRefusal> {
  const mol = molPerUnit(product);
  if (mol.ok)
    return answer({
      unit: isDry(product) ? 'g' : 'mL',
      perUnitPerL: volumeL / mol.value,
      unknown: false,
    });
  if (mol.refusal.reason !== 'strengthUnknown') return mol;
  return answer({ unit: 'mL', perUnitPerL: 1000 * volumeL, unknown: true });
}

const refusalOf = (refusal: StrengthRefusal): DoseRefusal =>
  refusal.reason === 'outOfRange' ? refusal : { reason: 'tooSmall' };

/**
 * How much of a product to pour now, how much in all, and what it does: what is to be read then, and
 * where it stands once aired. Planned from all that is believed of the tank; every limit that holds is
 * kept, and the one that decides is named. Refuses where the reading cannot carry a dose, none is
 * needed, one is still mixing, acid chases base, a second reading is missing, or what was read
 * contradicts what was told.
 */
export function planDose(input: DoseInput): Result<DosePlan, DoseRefusal> {
  const { product, beliefs, volumeL, band, second } = input;
  const { reagent } = product;
  const early = refusalBefore({ ...input, reagent });
  if (early) return refuse(early);
  if (second) return refuse({ reason: 'secondReading', ...second });
  if (input.contradicted) return refuse({ reason: 'contradicted' });
  const amounts = amountsOf(product, volumeL);
  if (!amounts.ok) return refuse(refusalOf(amounts.refusal));
  const { unit, perUnitPerL, unknown } = amounts.value;
  const aimPh = input.aimPh ?? (band.low + band.high) / 2;
  const wanted: Wanted = { reagent, band, aimPh, ofUnknown: unknown };
  const step = stepByAll(beliefs, wanted);
  if (!(step.perL > 0) || !Number.isFinite(step.perL)) return refuse({ reason: 'noRoom' });
  const asked = step.perL * perUnitPerL;
  const pour = unit === 'mL' ? pourOf(asked) : ({ kind: 'asIs' } as const);
  if (pour.kind === 'tooSmall') return refuse({ reason: 'tooSmall' });
  const firstAmount = productMlOf(pour, asked);
  const perL = firstAmount / perUnitPerL;
  const airedMs = MINUTE_MS * input.rereadMinutes;
  const after = expectedAfter(beliefs, wanted, { perL, airedMs, digitPh: input.digitPh });
  const down = REAGENTS[reagent].acid;
  const [low, middle, high] = amountsToMove(beliefs, wanted, down ? -1 : 1);
  const { nodes } = beliefs[0]!.belief;
  const fromPh = nodes.mean((node) => nodes.ph[node]!);
  return answer({
    unit,
    firstAmount,
    pour,
    fullAmount: step.inAllPerL * perUnitPerL,
    aimPh,
    afterPh: meanIn(after),
    afterLowPh: quantileIn(after, 0.025),
    afterHighPh: quantileIn(after, 0.975),
    airedPh: airedAfter(beliefs, wanted, perL),
    fullAiredPh: airedAfter(beliefs, wanted, step.inAllPerL),
    acidMmol: unknown
      ? undefined
      : -1000 * perL * volumeL * equivalentsOf(beliefs[0]!.belief, wanted, fromPh),
    nutrients: unknown ? {} : nutrientsAdded(reagent, perL),
    limitedBy: step.limitedBy,
    onePh: { amount: middle * perUnitPerL, low: low * perUnitPerL, high: high * perUnitPerL },
  });
}
