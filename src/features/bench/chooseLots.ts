import type { LotAnswer } from '@/book/answers';
import type { CupLot } from '@/core/procedure';
import { kindOfNominal } from '@/core/buffers';
import { isSameNominal } from '@/core/lots';

/** Whether a lot is past its printed or its opened date. */
export function pastDate(lot: LotAnswer): boolean {
  return lot.state.word === 'expired' || lot.state.word === 'tooOld';
}

/** The lot to pour from: one in date before one past it, the opened before the sealed. */
export function chooseLot(
  lots: readonly LotAnswer[],
  kind: 'buffer' | 'ecStandard',
  nominal: number,
): LotAnswer | undefined {
  const rank = (lot: LotAnswer) => (pastDate(lot) ? 2 : 0) + (lot.body.openedAt ? 0 : 1);
  return lots
    .filter(
      ({ body, state }) =>
        body.kind === kind && isSameNominal(body.nominal, nominal) && state.word !== 'empty',
    )
    .sort((a, b) => rank(a) - rank(b))[0];
}

/** What a plan takes from a lot. */
export function cupLot(lot: LotAnswer | undefined): CupLot | undefined {
  if (!lot) return undefined;
  const { tolerance, labelTable, labelAlphaPerC, form } = lot.body;
  const handMade = form === 'dissolvedSachet';
  return { lotId: lot.id, tolerance, labelTable, labelAlphaPerC, handMade };
}

/** Whether a buffer's value at a temperature is known: by a recipe, or by its label's table. */
export const hasValue = (nominal: number, lotOf: (nominal: number) => LotAnswer | undefined) =>
  kindOfNominal(nominal) !== undefined || lotOf(nominal)?.body.labelTable !== undefined;
