import { planJar, type JarPlanInput } from './index';

const MINUTE_MS = 60_000;
const nowMs = Date.UTC(2026, 4, 20, 10);
const point = ([drops, ph]: readonly [number, number]) => ({ drops, ph });
const input = (
  more: Partial<JarPlanInput> = {},
  rows: readonly (readonly [number, number])[] = [
    [0, 6.8],
    [4, 6.4],
    [8, 6.0],
  ],
): JarPlanInput => ({
  jar: { sampleL: 1, dilution: 50, dropMl: 0.05, points: rows.map(point) },
  aimPh: 6.2,
  tankVolumeL: 160,
  band: { low: 5.5, high: 6.5 },
  verdict: 'high',
  phStdU: 0.03,
  reagent: 'nitric',
  sampledMs: nowMs - 10 * MINUTE_MS,
  nowMs,
  ...more,
});
const refusal = (asked: JarPlanInput) => {
  const plan = planJar(asked);
  return plan.ok ? undefined : plan.refusal;
};

/* By hand: six drops · 0.05 mL · 160 / 50 = 0.96 mL; 4.8 drops first, 0.768 mL, which reach 6.32. */
test('four fifths of what reaches the aim come first', () => {
  expect(planJar(input())).toMatchObject({
    value: {
      doseMl: expect.closeTo(0.96, 9),
      firstMl: expect.closeTo(0.768, 9),
      afterPh: expect.closeTo(6.32, 9),
      limitedBy: 'firstStep',
    },
  });
});

/* A curve that bends at 4 drops: 6.2 lies half-way from 4 (6.6) to 8 (5.8); 4.8 of 6 drops reach 6.44. */
test('between its readings the curve is a straight line of its own', () => {
  const bent = [
    [0, 6.7],
    [4, 6.6],
    [8, 5.8],
    [12, 5.6],
  ] as const;
  const wide = { band: { low: 5, high: 6.5 } };
  expect(planJar(input(wide, bent))).toMatchObject({
    value: { drops: expect.closeTo(6, 9), afterPh: expect.closeTo(6.44, 9) },
  });
});

test('a sample two hours old still stands for the tank; a dose mixed when it was taken is in it', () => {
  const old = { sampledMs: nowMs - 120 * MINUTE_MS };
  expect(planJar(input(old)).ok).toBe(true);
  const mixedMs = nowMs - 10 * MINUTE_MS;
  const lastDose = { what: 'acid', atMs: nowMs - 40 * MINUTE_MS, mixedMs } as const;
  expect(planJar(input({ lastDose })).ok).toBe(true);
});

test('base upward, the same the other way round', () => {
  const rows = [
    [0, 5.2],
    [4, 5.6],
    [8, 6.0],
  ] as const;
  const low = { verdict: 'low', reagent: 'koh', aimPh: 5.8 } as const;
  expect(planJar(input(low, rows))).toMatchObject({
    value: { drops: expect.closeTo(6, 9), afterPh: expect.closeTo(5.68, 9) },
  });
  const narrow = { ...low, band: { low: 5.5, high: 5.9 }, phStdU: 0.06 };
  expect(planJar(input(narrow, rows))).toMatchObject({ value: { limitedBy: 'farEdge' } });
});

/* A tenth of a pH a drop, read every fifth: 0.8 pH are 8 drops of 12; 1.15 times that is 9.2, 0.92 away; 9.4 would do. */
test('read finely, a step is held to 0.8 pH on its own curve', () => {
  const rows = Array.from({ length: 66 }, (_, at) => [at / 5, 7.4 - at / 50] as const);
  const plan = planJar(input({ aimPh: 6.2, band: { low: 5.5, high: 6.5 } }, rows));
  expect(plan).toMatchObject({ value: { limitedBy: 'stepPh', drops: expect.closeTo(12, 9) } });
  expect(plan.ok && plan.value.afterPh).toBeCloseTo(6.6, 2);
  expect(plan.ok && plan.value.firstMl / plan.value.doseMl).toBeCloseTo(8 / 12, 1);
});

/* Half a pH a drop, read every drop: 0.8 pH is 1.6 drops; ×1.15 lies before the reading at 2, 1.0 away. */
test('a steep sample is poured in smaller steps, by the reading beyond the step', () => {
  const rows = [0, 0.5, 1, 1.5, 2, 3, 4].map((drops) => [drops, 7.6 - 0.5 * drops] as const);
  const plan = planJar(input({ aimPh: 5.8 }, rows));
  expect(plan).toMatchObject({ value: { limitedBy: 'stepPh' } });
  // 1.5 drops is the last reading within 0.95 pH: 1.5 / 1.15 of 3.6 drops in all.
  expect(plan.ok && plan.value.firstMl / plan.value.doseMl).toBeCloseTo(1.5 / 1.15 / 3.6, 2);
});

test('nor past the far edge at the pen’s bound: a pen that knows less pours less', () => {
  const narrow = { band: { low: 6.1, high: 6.5 }, aimPh: 6.15 };
  const rows = [0, 1, 2, 3, 4, 5, 6, 7, 8].map((drops) => [drops, 6.8 - 0.1 * drops] as const);
  const first = (phStdU: number) => {
    const plan = planJar(input({ ...narrow, phStdU }, rows));
    return plan.ok ? plan.value.firstMl : NaN;
  };
  expect(first(0.09)).toBeLessThan(first(0.02));
  expect(planJar(input({ ...narrow, phStdU: 0.09 }, rows))).toMatchObject({
    value: { limitedBy: 'farEdge' },
  });
});

test('refuses what any dose is refused for', () => {
  const lastDose = { what: 'base', atMs: nowMs - 40 * MINUTE_MS, mixedMs: nowMs - 30 * MINUTE_MS };
  const chased = { lastDose: { ...lastDose, what: 'base' as const } };
  expect(refusal(input({ verdict: 'cantTell' }))).toEqual({ reason: 'cannotTell' });
  expect(refusal(input({ verdict: 'tooPure' }))).toEqual({ reason: 'tooPure' });
  expect(refusal(input({ verdict: 'probablyIn' }))).toEqual({ reason: 'inBand' });
  expect(refusal(input({ reagent: 'koh' }))).toEqual({ reason: 'wrongWay', needs: 'acid' });
  expect(refusal(input(chased))).toMatchObject({ reason: 'chasing', waitMinutes: 20 });
  expect(planJar(input({ ...chased, chasingAccepted: true })).ok).toBe(true);
  const mixing = { what: 'acid', atMs: nowMs - MINUTE_MS, mixedMs: nowMs + MINUTE_MS } as const;
  expect(refusal(input({ lastDose: mixing }))).toMatchObject({ reason: 'stillMixing' });
});

test('refuses a sample that no longer stands for the tank, and drops too many at a time', () => {
  const since = { what: 'acid', atMs: nowMs - 20 * MINUTE_MS, mixedMs: nowMs - 5 * MINUTE_MS };
  expect(refusal(input({ lastDose: { ...since, what: 'acid' } }))).toEqual({
    reason: 'sampleTooOld',
    dosedSince: true,
  });
  expect(refusal(input({ sampledMs: nowMs - 121 * MINUTE_MS }))).toEqual({
    reason: 'sampleTooOld',
    dosedSince: false,
  });
  const coarse = [
    [0, 6.8],
    [20, 5.6],
    [40, 4.2],
  ] as const;
  expect(refusal(input({}, coarse))).toEqual({ reason: 'stepsTooLarge' });
  const noStart = [
    [2, 6.6],
    [4, 6.4],
    [8, 6.0],
  ] as const;
  expect(refusal(input({}, noStart))).toEqual({ reason: 'noStart' });
});
