import { acidToReach } from '../chemistry';
import { tankModel, type TankFacts } from './tankModel';

/** A dose made on a pH that was not the tank's. */
export interface MisledDose {
  /** What the grower saw. */
  readonly shownPh: number;
  /** What it was worth. */
  readonly truePh: number;
  readonly aimPh: number;
}

/**
 * How much of what was poured would have been right, by the chemistry of that day: acid (or base) the
 * tank took to the aim from its true pH, over what it seemed to take from the pH that was seen. Below
 * zero the other way was needed. The product cancels, and so does the tank's own factor to first order.
 * Undefined where the chemistry has no answer, or where what was seen asked for nothing.
 */
export function rightShare(
  facts: Omit<TankFacts, 'ph'>,
  { shownPh, truePh, aimPh }: MisledDose,
): number | undefined {
  const from = (ph: number) => {
    const model = tankModel({ ...facts, ph });
    return model.ok ? acidToReach(model.value, aimPh) : undefined;
  };
  const [seemed, took] = [from(shownPh), from(truePh)];
  if (seemed === undefined || took === undefined || seemed === 0) return undefined;
  return took / seemed;
}
