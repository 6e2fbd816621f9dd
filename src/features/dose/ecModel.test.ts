import type { EcDoseAnswer } from '@/book/answers';
import { additionSchema } from '@/records';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { ecAdditions, ecPlan as planAt, stockPoured, type EcChoice } from './ecModel';
import { ecPlanWords } from './ecWords';

const formats = makeFormats(DEFAULT_FORMATS);
const ecPlan = (given: EcDoseAnswer, choice: Omit<EcChoice, 'nowMs'>) =>
  planAt(given, { ...choice, nowMs: Date.UTC(2026, 4, 20) });
const answer = (value: number, verdict: string, more: object = {}) =>
  ({
    tank: {
      id: 't',
      body: {
        volumeL: 100,
        fullL: 120,
        ecBand: { low: 1.4, high: 2 },
        phBand: { low: 5, high: 6 },
      },
    },
    reading: { id: 'r', ec: { judged: { value, verdict, budget: { expandedU: 0.05 } } } },
    waters: [
      { water: { ecMsPerCm: 0.5 }, share: 0.8 },
      { water: { ecMsPerCm: 0 }, share: 0.2 },
    ],
    ...more,
  }) as unknown as EcDoseAnswer;

test('low: 100 L from 1.2 to 1.7 at 0.25 takes 200 mL of each; 120 of it first', () => {
  const plan = ecPlan(answer(1.2, 'low'), { labelGainMsPerCm: 0.25 });
  expect(plan).toMatchObject({
    kind: 'raise',
    fullMl: expect.closeTo(200, 6),
    firstMl: expect.closeTo(120, 6),
    afterMsPerCm: expect.closeTo(1.5, 9),
  });
  if (plan.kind === 'stop') throw new Error('planned');
  const booked = ecAdditions(answer(1.2, 'low'), plan, Date.UTC(2026, 4, 20));
  expect(booked.map((body) => additionSchema.parse(body))).toMatchObject([
    { what: 'stock', doseMl: 120, ecBeforeMsPerCm: 1.2 },
  ]);
  expect(ecPlanWords(plan, formats).how).toContain('never into one another');
});

test('what the tank taught goes before the label, and lets the first step be larger', () => {
  const learned = { learnedGain: { gainMsPerCm: 0.5, pours: 3 } };
  const plan = ecPlan(answer(1.2, 'low', learned), { labelGainMsPerCm: 0.25 });
  expect(plan).toMatchObject({ fullMl: expect.closeTo(100, 6), firstMl: expect.closeTo(80, 6) });
});

test('high: a little fits, more must be drained first; by hand both ways', () => {
  // 0.4 mS/cm water: 100·(2.2 − 2.1)/(2.1 − 0.4) = 5.88 L fits under 120.
  expect(ecPlan(answer(2.2, 'high'), { aimMsPerCm: 2.1 })).toMatchObject({
    kind: 'thin',
    drainL: 0,
    addL: expect.closeTo(5.882, 3),
  });
  // To 1.7: keep 120·(1.7 − 0.4)/(2.2 − 0.4) = 86.67 L, drain 13.33, add 33.33.
  const plan = ecPlan(answer(2.2, 'high'), {});
  expect(plan).toMatchObject({
    drainL: expect.closeTo(13.333, 3),
    addL: expect.closeTo(33.333, 3),
  });
  if (plan.kind === 'stop') throw new Error('planned');
  const booked = ecAdditions(answer(2.2, 'high'), plan, 0);
  expect(booked.map(({ what, rereadAt }) => [what, rereadAt !== undefined])).toEqual([
    ['drain', false],
    ['water', true],
  ]);
});

test.each([
  [answer(1.7, 'in'), {}, 'inBand'],
  [answer(1.7, 'cantTell'), {}, 'cannotTell'],
  [answer(1.2, 'low'), {}, 'gainUnknown'],
  [answer(1.2, 'low'), { aimMsPerCm: 1, labelGainMsPerCm: 1 }, 'aimOtherWay'],
  [answer(2.2, 'high'), { waterMsPerCm: 1.9 }, 'waterTooStrong'],
  [answer(2.2, 'high', { waters: [] }), {}, 'waterUnknown'],
  [answer(2.2, 'high', { reading: undefined }), {}, 'notRead'],
] as const)('refusals name their reason', (given, choice, why) => {
  expect(ecPlan(given, choice)).toEqual({ kind: 'stop', why });
});

test('nothing is proposed while the last pour is mixing', () => {
  const given = answer(1.2, 'low');
  const mixing = { body: { rereadAt: '2026-05-20T00:10:00.000Z' } };
  const poured = { ...given, tank: { ...given.tank, mixing } } as unknown as EcDoseAnswer;
  expect(ecPlan(poured, { labelGainMsPerCm: 0.25 })).toEqual({ kind: 'stop', why: 'stillMixing' });
});

test('stock nobody knows is booked as poured, with the EC it was poured at', () => {
  const nowMs = Date.UTC(2026, 4, 20);
  const body = additionSchema.parse(stockPoured(answer(1.2, 'low'), { eachMl: 50, nowMs }));
  expect(body).toMatchObject({ what: 'stock', doseMl: 50, ecBeforeMsPerCm: 1.2, tankVolumeL: 100 });
  // The next reading tells what it adds: nothing was promised.
  expect(body.predictedEcMsPerCm).toBeUndefined();
});
