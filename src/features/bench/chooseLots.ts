import type { LotAnswer } from '@/book/answers';
import type { CupLot } from '@/core/procedure';
import { kindOfNominal } from '@/core/buffers';
import { fitsNeed } from '@/core/lots';

/** Whether a lot is past its printed or its opened date. */
export function pastDate(lot: LotAnswer): boolean {
  return lot.state.word === 'expired' || lot.state.word === 'tooOld';
}

/** What a cup may be poured from besides the lots of the Shelf. */
export const ELSEWHERE = 'elsewhere';
export const USED_BEFORE = 'usedBefore';

type Kind = 'buffer' | 'ecStandard';

/** In date before past it, opened before sealed. */
const rank = (lot: LotAnswer) => (pastDate(lot) ? 2 : 0) + (lot.body.openedAt ? 0 : 1);

/** The lots a cup can be poured from: those in date first, the opened before the sealed. */
export function lotsFor(
  lots: readonly LotAnswer[],
  kind: Kind,
  nominal: number,
): readonly LotAnswer[] {
  return lots
    .filter(({ body, state }) => fitsNeed(body, { kind, nominal }) && state.word !== 'empty')
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

/** Whether a lot is there, holds something, and is in date. */
export const isInDate = (lot: LotAnswer | undefined): boolean =>
  lot?.state.word === 'good' || lot?.state.word === 'soon';

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

/** The bottle for both sides to pour from where nobody chose: of the pen's own buffer if there is one. */
export const bottleForBoth = (lots: readonly LotAnswer[], nominalPh: number | undefined) =>
  lots
    .filter(({ body, state }) => body.alsoMsPerCm !== undefined && state.word !== 'empty')
    .sort((a, b) => {
      const other = ({ body }: LotAnswer) => (body.nominal === nominalPh ? 0 : 4);
      return rank(a) + other(a) - rank(b) - other(b);
    })[0];

/** What a plan takes from a lot; of a bottle for both, its EC value has the usual tolerance. */
export function cupLot({ lot, usedBefore }: Poured, kind: Kind): CupLot | undefined {
  if (!lot) return undefined;
  if (lot.body.kind !== kind) return { lotId: lot.id, ...(usedBefore ? { reused: true } : {}) };
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
