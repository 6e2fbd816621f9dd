import type { DoseAnswer, PenAnswer } from '@/book/answers';
import type { PenState } from '@/core/drift';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { jarRefusalWords } from '@/words/dose/jarRefusal';
import { jarPlan, type JarInput } from './jarModel';

const formats = makeFormats(DEFAULT_FORMATS);
const nowMs = Date.UTC(2026, 4, 20, 10);
const setup = { sampleL: '1', dilution: '50', dropsInMl: '20' };
const rows = [
  { drops: '0', ph: '6.8' },
  { drops: '4', ph: '6,4' },
  { drops: '8', ph: '6.0' },
  { drops: '', ph: '' },
];

/** A pen that is so much high at any pH, with how unsure that is. */
function penFound(level: number, levelStdU = 0.012): PenAnswer {
  const none = { level: 0, shared: 0, gain: 0 };
  const state: PenState = {
    quantity: 'ph',
    standing: 'checked',
    level,
    gain: 0,
    variance: { ...none, level: levelStdU ** 2 },
    atCheck: none,
    standards: none,
  };
  return {
    body: { code: 'P1', ph: { resolutionPh: 0.01, accuracyPh: 0.1, hasAtc: true } },
    sides: [{ quantity: 'ph', state, repeatStdU: 0.015 }],
  } as unknown as PenAnswer;
}

const answer = (more: Partial<DoseAnswer> = {}) =>
  ({
    tank: { id: 't1', body: { name: 'Basil', volumeL: 160, phBand: { low: 5.5, high: 6.5 } } },
    ...more,
  }) as unknown as DoseAnswer;
const input = (more: Partial<JarInput> = {}): JarInput => ({
  answer: answer(),
  setup,
  rows,
  pen: penFound(0),
  reagent: 'nitric',
  aimPh: 6.2,
  sampledMs: nowMs,
  chasingAccepted: false,
  nowMs,
  ...more,
});
const words = (more: Partial<JarInput>) => {
  const plan = jarPlan(input(more));
  if (plan.ok) return '';
  const { what, wayOn } = jarRefusalWords(plan.refusal, formats);
  return `${what} ${wayOn}`;
};

test('six drops reach 6.2: 6 × 0.05 mL × 160 / 50 = 0.96 mL for the tank', () => {
  expect(jarPlan(input())).toMatchObject({
    value: { drops: expect.closeTo(6, 9), doseMl: expect.closeTo(0.96, 9), warnings: [] },
  });
});

/* A pen 0.1 high shows 6.2 where the sample is 6.1: an aim of 6.2 is reached one drop earlier. */
test('the pen’s known error is taken off first', () => {
  expect(jarPlan(input({ pen: penFound(0.1) }))).toMatchObject({
    value: { drops: expect.closeTo(5, 6) },
  });
});

test('each thing that is missing or wrong is said with its way on', () => {
  expect(words({ rows: rows.slice(0, 2) })).toContain('2 of at least 3');
  expect(words({ rows: [{ drops: '2', ph: '6.6' }, ...rows.slice(1)] })).toContain('0 drops');
  expect(words({ aimPh: 5.5 })).toContain('Go on until it passes 5.5');
  expect(words({ setup: { ...setup, dropsInMl: '2' } })).toContain('5 to 100 drops');
  expect(words({ pen: undefined })).toContain('0 of at least 3');
  expect(words({ pen: penFound(0, 0.4) })).toContain('No dose on this reading');
  expect(words({ pen: penFound(0.5) })).toContain('In band: pour nothing');
  expect(words({ reagent: 'koh' })).toContain('needs an acid');
  const pure = { reading: { ec: { judged: { value: 0.05 } } } } as Partial<DoseAnswer>;
  expect(words({ answer: answer(pure) })).toContain('too pure');
  expect(words({ sampledMs: nowMs - 3 * 3_600_000 })).toContain('over two hours');
  const lastDose = { what: 'base', atMs: nowMs - 600_000, mixedMs: nowMs - 60_000 } as const;
  expect(words({ answer: answer({ lastDose }) })).toContain('Acid and base within one hour');
  expect(words({ answer: answer({ lastDose }), chasingAccepted: true })).toBe('');
});
