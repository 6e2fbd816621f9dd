import {
  checkOf,
  type AdjustedBy,
  type BenchEvent,
  type BenchPlan,
  type Cup,
  type DipPhase,
} from '../index';

/** What a sitting tells of a pen with ATC, adjusted by its button where nothing else is said. */
export const told = (
  plan: BenchPlan,
  events: readonly BenchEvent[],
  { by = 'button' }: { by?: AdjustedBy } = {},
) => checkOf({ plan, events, atMs: 0, afterCleaning: false, hasAtc: true, by });

export const seven: Extract<Cup, { quantity: 'ph' }> = {
  id: '7',
  quantity: 'ph',
  buffer: { kind: 'technical-7.00', nominalPh: 7 },
  tolerancePh: 0.02,
};
export const four: Extract<Cup, { quantity: 'ph' }> = {
  id: '4',
  quantity: 'ph',
  buffer: { kind: 'phthalate-4.01', nominalPh: 4.01 },
  tolerancePh: 0.02,
};
export const plan: BenchPlan = {
  quantity: 'ph',
  cups: [seven, four],
  tempC: 20,
  resolution: 0.01,
  asFoundTolerance: 0.05,
  asLeftTolerance: 0.03,
  adjustable: true,
  storesNominal: false,
};
export const read = (phase: DipPhase, cupId: string, shown: number): BenchEvent => ({
  type: 'read',
  phase,
  cupId,
  shown,
  atMs: 0,
});
export const found = (in7: number, in4: number) => [
  read('asFound', '7', in7),
  read('asFound', '4', in4),
];
