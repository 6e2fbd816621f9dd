import type { LotFacts } from './lotState';
import { isSameNominal } from './sameNominal';

/** A liquid by its value: pH for a buffer, mS/cm at 25 °C for a standard. */
export interface Liquid {
  readonly kind: LotFacts['kind'];
  readonly nominal?: number | undefined;
}

/** What of a lot decides what it can be poured for. */
type LotValues = Liquid & Pick<LotFacts, 'alsoMsPerCm'>;

/**
 * Whether a lot can be poured for a liquid: it is that one, or it is one bottle for both and states
 * that conductivity beside its pH.
 */
export const fitsNeed = (lot: LotValues, { kind, nominal }: Liquid): boolean =>
  (lot.kind === kind && isSameNominal(lot.nominal, nominal)) ||
  (kind === 'ecStandard' &&
    lot.kind === 'buffer' &&
    lot.alsoMsPerCm !== undefined &&
    isSameNominal(lot.alsoMsPerCm, nominal));
