import { NO_VARIANCE, type PenState } from '../drift';

/** A pen without error: what it shows is so. */
export const exactState = (quantity: PenState['quantity']): PenState => ({
  quantity,
  standing: 'checked',
  level: 0,
  gain: 0,
  variance: NO_VARIANCE,
  atCheck: NO_VARIANCE,
  standards: NO_VARIANCE,
});
