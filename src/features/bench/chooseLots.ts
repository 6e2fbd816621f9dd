import type { LotAnswer } from '@/book/answers';
import type { CupLot } from '@/core/procedure';
import { kindOfNominal } from '@/core/buffers';
import { isSameNominal } from '@/core/lots';

/** Whether a lot is past its printed or its opened date. */
export function pastDate(lot: LotAnswer): boolean {
  return lot.state.word === 'expired' || lot.state.word === 'tooOld';
}

/** What a cup may be poured from besides the lots of the Shelf. */
export const ELSEWHERE = 'elsewhere';
export const USED_BEFORE = 'usedBefore';

type Kind = 'buffer' | 'ecStandard';

/** The lots a cup can be poured from: those in date first, the opened before the sealed. */
export function lotsFor(
  lots: readonly LotAnswer[],
  kind: Kind,
  nominal: number,
): readonly LotAnswer[] {
  const rank = (lot: LotAnswer) => (pastDate(lot) ? 2 : 0) + (lot.body.openedAt ? 0 : 1);
  return lots
    .filter(
      ({ body, state }) =>
        body.kind === kind && isSameNominal(body.nominal, nominal) && state.word !== 'empty',
    )
    .sort((a, b) => rank(a) - rank(b));
}

/** The lot to pour from where nobody chose: the first of those. */
export const chooseLot = (lots: readonly LotAnswer[], kind: Kind, nominal: number) =>
  lotsFor(lots, kind, nominal)[0];

/** What a cup is poured from. */
export interface Poured {
  /** Undefined: a bottle that is not on the Shelf. */
  readonly lot: LotAnswer | undefined;
  readonly usedBefore: boolean;
}

/** The lot that was chosen: one by its id, none of the Shelf, or the portion from before. */
export function pouredFrom(
  lots: readonly LotAnswer[],
  { kind, nominal, choice }: { kind: Kind; nominal: number; choice: string | undefined },
): Poured {
  const all = lotsFor(lots, kind, nominal);
  if (choice === ELSEWHERE) return { lot: undefined, usedBefore: false };
  return {
    lot: all.find(({ id }) => id === choice) ?? all[0],
    usedBefore: choice === USED_BEFORE,
  };
}

/** What a plan takes from a lot. */
export function cupLot({ lot, usedBefore }: Poured): CupLot | undefined {
  if (!lot) return undefined;
  const { tolerance, labelTable, labelAlphaPerC, form } = lot.body;
  const handMade = form === 'dissolvedSachet';
  return {
    lotId: lot.id,
    tolerance,
    labelTable,
    labelAlphaPerC,
    handMade,
    ...(usedBefore ? { reused: true } : {}),
  };
}

/** Whether a buffer's value at a temperature is known: by a recipe, or by its label's table. */
export const hasValue = (nominal: number, { lot }: Poured) =>
  kindOfNominal(nominal) !== undefined || lot?.body.labelTable !== undefined;
