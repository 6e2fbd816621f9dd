import fc from 'fast-check';
import {
  dilute,
  dropMlFrom,
  isAimPh,
  jarTestDose,
  learnedGain,
  mixSources,
  mixedEc,
  preDilutionL,
  raiseEc,
  waterBalance,
} from './index';

describe('jar test', () => {
  const jar = {
    sampleL: 1,
    dilution: 50,
    dropMl: 0.05,
    points: [
      { drops: 0, ph: 6.7 },
      { drops: 5, ph: 6.5 },
      { drops: 10, ph: 6.2 },
      { drops: 15, ph: 5.8 },
    ],
  };

  /* By hand: 6.1 lies a quarter of the way from 10 to 15: 11.25 drops; 11.25·0.05·420/50 = 4.725 mL. */
  test('interpolates to the aim and scales to the tank', () => {
    expect(jarTestDose(jar, { aimPh: 6.1, tankVolumeL: 420 })).toMatchObject({
      ok: true,
      value: {
        drops: expect.closeTo(11.25, 9),
        doseMl: expect.closeTo(4.725, 9),
        scale: 420,
        warnings: [],
      },
    });
  });

  test('a reading that went the wrong way is pooled and said', () => {
    const points = jar.points.map((p) => (p.drops === 5 ? { drops: 5, ph: 6.15 } : p));
    const result = jarTestDose({ ...jar, points }, { aimPh: 6.0, tankVolumeL: 100 });
    expect(result.ok && result.value.warnings).toEqual(['notMonotone']);
    expect(result.ok && result.value.drops).toBeGreaterThan(10);
  });

  /* 6.4, 6.6 and 6.5 pool to 6.5; 6.25 lies half-way from there to 6.0. Upward the same. */
  test('several that went the wrong way share their mean, whichever way the test goes', () => {
    const sign = (way: number) =>
      [7, 6.4, 6.6, 6.5, 6].map((ph, drops) => ({ drops, ph: 6.5 + way * (ph - 6.5) }));
    const pooled = (way: number) =>
      jarTestDose({ ...jar, points: sign(way) }, { aimPh: 6.5 - 0.25 * way, tankVolumeL: 100 });
    for (const way of [1, -1]) {
      const result = pooled(way);
      if (!result.ok) throw new Error(result.refusal.reason);
      expect(result.value.drops).toBeCloseTo(3.5, 9);
      expect(result.value.warnings).toEqual(['notMonotone']);
      const line = [0.5, 0, 0, 0, -0.5].map((off) => expect.closeTo(6.5 + way * off, 9) as number);
      expect(result.value.line.map(({ ph }) => ph)).toEqual(line);
      expect(result.value.line.map(({ drops }) => drops)).toEqual([0, 1, 2, 3, 4]);
    }
  });

  test('warns of a small sample and a large scale, refuses what it cannot know', () => {
    const small = jarTestDose({ ...jar, sampleL: 0.2 }, { aimPh: 6.1, tankVolumeL: 900 });
    expect(small.ok && small.value.warnings).toEqual(['smallSample', 'largeScale']);
    expect(jarTestDose(jar, { aimPh: 5, tankVolumeL: 100 })).toMatchObject({
      refusal: { reason: 'aimNotReached', reachedPh: 5.8 },
    });
    const two = { ...jar, points: jar.points.slice(0, 2) };
    expect(jarTestDose(two, { aimPh: 6.6, tankVolumeL: 100 })).toMatchObject({
      refusal: { reason: 'tooFewPoints', count: 2 },
    });
    expect(jarTestDose({ ...jar, dilution: 0 }, { aimPh: 6, tankVolumeL: 1 }).ok).toBe(false);
    expect(dropMlFrom(20)).toBe(0.05);
    expect(() => dropMlFrom(1)).toThrow(RangeError);
  });
});

describe('conductivity', () => {
  const base = { volumeL: 100, capacityL: 160, ecMsPerCm: 2.5, water: { ecMsPerCm: 0.5 } };

  /* By hand: 100·(2.5 − 2)/(2 − 0.5) = 33.3 L; to 1.3: 150 L do not fit, keep 160·0.8/2 = 64. */
  test('thins with water where it fits, drains first where it does not', () => {
    expect(dilute({ ...base, aimMsPerCm: 2 })).toMatchObject({
      value: { addL: expect.closeTo(33.33, 2), drainL: 0 },
    });
    expect(dilute({ ...base, aimMsPerCm: 1.3 })).toMatchObject({
      value: { addL: expect.closeTo(96, 9), drainL: expect.closeTo(36, 9) },
    });
    expect(dilute({ ...base, aimMsPerCm: 0.4 })).toMatchObject({
      refusal: { reason: 'waterTooStrong' },
    });
    for (const aimMsPerCm of [2.5, 3])
      expect(dilute({ ...base, aimMsPerCm })).toMatchObject({
        refusal: { reason: 'alreadyThere' },
      });
    // Water just as strong as the aim never gets there; what just fits is not drained.
    expect(dilute({ ...base, aimMsPerCm: 0.5 })).toMatchObject({
      refusal: { reason: 'waterTooStrong', waterMsPerCm: 0.5, aimMsPerCm: 0.5 },
    });
    expect(dilute({ ...base, aimMsPerCm: 1.75 })).toMatchObject({
      value: { addL: expect.closeTo(60, 9), drainL: 0 },
    });
  });

  test('whatever is drained and added, the mixture is the aim and fits', () => {
    const ec = fc.double({ min: 0.9, max: 2.4, noNaN: true });
    fc.assert(
      fc.property(ec, (aimMsPerCm) => {
        const plan = dilute({ ...base, aimMsPerCm });
        if (!plan.ok) throw new Error(plan.refusal.reason);
        const { addL, drainL } = plan.value;
        const kept = { volumeL: base.volumeL - drainL, ecMsPerCm: base.ecMsPerCm };
        const mixed = mixedEc(kept, { volumeL: addL, ...base.water });
        expect(mixed).toBeCloseTo(aimMsPerCm, 9);
        expect(kept.volumeL + addL).toBeLessThanOrEqual(base.capacityL + 1e-9);
      }),
    );
  });

  test('stock A and B: 100 L by 0.4 at 0.2 for a mL/L each is 200 mL of each; the gain is learned', () => {
    const raise = { volumeL: 100, ecMsPerCm: 1.4, aimMsPerCm: 1.8 };
    expect(raiseEc({ ...raise, gainMsPerCm: 0.2 })).toMatchObject({
      value: expect.closeTo(200, 9),
    });
    for (const gainMsPerCm of [undefined, 0, -0.2])
      expect(raiseEc({ ...raise, gainMsPerCm })).toMatchObject({
        refusal: { reason: 'gainUnknown' },
      });
    expect(raiseEc({ ...raise, aimMsPerCm: 1.4, gainMsPerCm: 0.2 })).toMatchObject({
      refusal: { reason: 'alreadyThere' },
    });
    const pour = { volumeL: 100, eachMl: 200, beforeMsPerCm: 1.4, afterMsPerCm: 1.8 };
    expect(learnedGain(pour)).toBeCloseTo(0.2, 9);
    expect(learnedGain({ ...pour, afterMsPerCm: 1.3 })).toBeUndefined();
  });

  test('two sources to a target: 0.52 and 0.02 to 0.27 is half and half', () => {
    const town = { ecMsPerCm: 0.52, alkalinityMmolPerL: 3.3 };
    const rain = { ecMsPerCm: 0.02, alkalinityMmolPerL: 0 };
    expect(mixSources(town, rain, { by: 'ecMsPerCm', value: 0.27 })).toMatchObject({
      value: { firstShare: expect.closeTo(0.5, 9), alkalinityMmolPerL: expect.closeTo(1.65, 9) },
    });
    for (const value of [1, 0.53, 0.01])
      expect(mixSources(town, rain, { by: 'ecMsPerCm', value })).toMatchObject({
        refusal: { reason: 'notBetween' },
      });
    // The ends are between: all of one, none of the other; and by alkalinity a third is a third.
    expect(mixSources(town, rain, { by: 'ecMsPerCm', value: 0.52 })).toMatchObject({
      value: { firstShare: 1 },
    });
    expect(mixSources(town, rain, { by: 'alkalinityMmolPerL', value: 0 })).toMatchObject({
      value: { firstShare: 0, ecMsPerCm: expect.closeTo(0.02, 9) },
    });
    expect(mixSources(town, rain, { by: 'alkalinityMmolPerL', value: 1.1 })).toMatchObject({
      value: { firstShare: expect.closeTo(1 / 3, 9), ecMsPerCm: expect.closeTo(0.1867, 4) },
    });
    expect(() => mixedEc({ volumeL: 0, ecMsPerCm: 1 }, { volumeL: 0, ecMsPerCm: 1 })).toThrow(
      RangeError,
    );
  });
});

test('water and salts: level 100 to 88 L in two days, EC up: water goes faster', () => {
  const DAY_MS = 86_400_000;
  const balance = waterBalance(
    { atMs: 0, volumeL: 100, ecMsPerCm: 2 },
    { atMs: 2 * DAY_MS, volumeL: 88, ecMsPerCm: 2.1 },
  );
  expect(balance).toMatchObject({ waterLPerDay: 6, faster: 'water' });
  // 200 − 184.8 mS/cm·L in two days.
  expect(balance.saltPerDay).toBeCloseTo(7.6, 9);
});

test('pre-dilution in one to ten litres', () => {
  expect(preDilutionL(5)).toBe(1);
  expect(preDilutionL(40)).toBe(4);
  expect(preDilutionL(400)).toBe(10);
});

test('aims lie between pH 4 and 9', () => {
  expect([4, 5.8, 9].map(isAimPh)).toEqual([true, true, true]);
  expect([3.9, 9.1, NaN].map(isAimPh)).toEqual([false, false, false]);
});
