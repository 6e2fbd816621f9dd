import { amendedOutcome } from './amendedOutcome';
import type { BenchEvent } from './benchEvents';
import type { BenchPlan } from './benchPlan';

/** One cup of 7.00 at 25 °C; as found within 0.05, as left within 0.03. */
const plan: BenchPlan = {
  quantity: 'ph',
  cups: [
    {
      id: '7',
      quantity: 'ph',
      buffer: { kind: 'technical-7.00', nominalPh: 7 },
      tolerancePh: 0.02,
    },
  ],
  tempC: 25,
  resolution: 0.01,
  asFoundTolerance: 0.05,
  asLeftTolerance: 0.03,
  adjustable: true,
  storesNominal: false,
};
const read = (phase: 'asFound' | 'asLeft', shown: number): BenchEvent => ({
  type: 'read',
  phase,
  cupId: '7',
  shown,
  atMs: 0,
});

test.each([
  ['good and left alone', [read('asFound', 7.02), { type: 'leave' }], 'inTolerance'],
  ['off and left alone', [read('asFound', 7.2), { type: 'leave' }], 'leftOut'],
  ['off, nobody said what was done', [read('asFound', 7.2)], 'leftOut'],
  ['good, nobody said what was done', [read('asFound', 7.02)], 'inTolerance'],
  ['adjusted and good', [read('asFound', 7.2), { type: 'adjust' }, read('asLeft', 7)], 'adjusted'],
  [
    'adjusted, and off afterwards',
    [read('asFound', 7.2), { type: 'adjust' }, read('asLeft', 7.1)],
    'adjustedWithMiss',
  ],
  ['adjusted, its value missing', [read('asFound', 7.2), { type: 'adjust' }], 'adjusted'],
] as const)('%s', (_what, events, outcome) => {
  expect(amendedOutcome(plan, events as readonly BenchEvent[], 'adjusted')).toBe(outcome);
});

test('what lacks a value keeps the outcome it had', () => {
  expect(amendedOutcome(plan, [], 'leftOut')).toBe('leftOut');
});
