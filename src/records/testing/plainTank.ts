import type { Reservoir } from '../kinds';

/** A tank as any, for tests in which it only has to be there. */
export const plainTank = (name: string, over: Partial<Reservoir> = {}): Reservoir => ({
  name,
  volumeL: 100,
  crop: '',
  stage: '',
  phBand: { low: 5.5, high: 6.5 },
  ecBand: { low: 1, high: 2 },
  alphaPerC: 0.02,
  place: 1,
  note: '',
  ...over,
});
