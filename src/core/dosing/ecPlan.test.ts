import { planEc, waterMixtureEc, type EcFacts } from './index';

const facts = (value: number, verdict: 'low' | 'in' | 'high' | 'cantTell', more = {}): EcFacts => ({
  judged: { value, verdict },
  band: { low: 1.4, high: 2 },
  volumeL: 100,
  capacityL: 120,
  waterMsPerCm: 0.4,
  nowMs: Date.UTC(2026, 4, 20),
  ...more,
});

test('low: 100 L from 1.2 to 1.7 at 0.25 takes 200 mL of each; 120 of it first', () => {
  expect(planEc(facts(1.2, 'low', { labelGainMsPerCm: 0.25 }))).toMatchObject({
    kind: 'raise',
    fullMl: expect.closeTo(200, 6),
    firstMl: expect.closeTo(120, 6),
    afterMsPerCm: expect.closeTo(1.5, 9),
    pours: 0,
  });
});

test('what the tank taught goes before the label, and lets the first step be larger', () => {
  const learnedGain = { gainMsPerCm: 0.5, pours: 3 };
  expect(planEc(facts(1.2, 'low', { learnedGain, labelGainMsPerCm: 0.25 }))).toMatchObject({
    fullMl: expect.closeTo(100, 6),
    firstMl: expect.closeTo(80, 6),
    pours: 3,
  });
});

test('high: a little fits, more must be drained first; by hand both ways', () => {
  // 0.4 mS/cm water: 100·(2.2 − 2.1)/(2.1 − 0.4) = 5.88 L fits under 120.
  expect(planEc(facts(2.2, 'high', { aimMsPerCm: 2.1 }))).toMatchObject({
    kind: 'thin',
    drainL: 0,
    addL: expect.closeTo(5.882, 3),
  });
  // To 1.7: keep 120·(1.7 − 0.4)/(2.2 − 0.4) = 86.67 L, drain 13.33, add 33.33.
  expect(planEc(facts(2.2, 'high'))).toMatchObject({
    drainL: expect.closeTo(13.333, 3),
    addL: expect.closeTo(33.333, 3),
  });
});

test.each([
  [facts(1.7, 'in'), 'inBand'],
  [facts(1.7, 'cantTell'), 'cannotTell'],
  [facts(1.2, 'low'), 'gainUnknown'],
  [facts(1.2, 'low', { aimMsPerCm: 1, labelGainMsPerCm: 1 }), 'aimOtherWay'],
  [facts(2.2, 'high', { aimMsPerCm: 2.4, labelGainMsPerCm: 1 }), 'aimOtherWay'],
  [facts(2.2, 'high', { waterMsPerCm: 1.9 }), 'waterTooStrong'],
  [facts(2.2, 'high', { waterMsPerCm: undefined }), 'waterUnknown'],
  [facts(2.2, 'high', { judged: undefined }), 'notRead'],
] as const)('what stands in the way is named', (given, why) => {
  expect(planEc(given)).toEqual({ kind: 'stop', why });
});

test('nothing is proposed while the last pour is mixing, and again once it is mixed', () => {
  const mixedAtMs = Date.UTC(2026, 4, 20, 0, 10);
  const poured = facts(1.2, 'low', { labelGainMsPerCm: 0.25, mixedAtMs });
  expect(planEc(poured)).toEqual({ kind: 'stop', why: 'stillMixing' });
  expect(planEc({ ...poured, nowMs: mixedAtMs }).kind).toBe('raise');
});

test('in band it is moved only where an aim was typed', () => {
  const given = { aimMsPerCm: 1.9, labelGainMsPerCm: 0.25 };
  expect(planEc(facts(1.7, 'in', given))).toMatchObject({ kind: 'raise', aimMsPerCm: 1.9 });
});

test('a mixture of waters has the EC of its shares, or none where one is unknown', () => {
  const rain = { share: 0.2, ecMsPerCm: 0 };
  expect(waterMixtureEc([{ share: 0.8, ecMsPerCm: 0.5 }, rain])).toBeCloseTo(0.4, 9);
  expect(waterMixtureEc([{ share: 0.8 }, rain])).toBeUndefined();
  expect(waterMixtureEc([])).toBeUndefined();
});
