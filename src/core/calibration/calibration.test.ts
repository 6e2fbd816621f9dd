import {
  AS_LEFT_TOLERANCE,
  BEND_FROM_PH,
  EXACT_PH_MAP,
  GAIN_TEMP_C,
  ISOPOTENTIAL_PH,
  TOLERANCE,
  UNSEEN_STD_U,
  cellFactor,
  displayTolerance,
  ecDip,
  errorTolerance,
  isWithin,
  phDip,
  shownPhFor,
  withinTolerance,
  type EcCupReading,
  type PhCupReading,
} from './index';

const seven: PhCupReading = {
  buffer: { kind: 'technical-7.00', nominalPh: 7 },
  tolerancePh: 0.02,
  tempC: 20,
  shownPh: 7.11,
  resolutionPh: 0.01,
  hasAtc: true,
};
const standard: EcCupReading = {
  standard: { nominalMsPerCm: 1.413 },
  toleranceRel: 0.01,
  tempC: 15,
  shownMsPerCm: 1.4,
  resolutionMsPerCm: 0.01,
  compensation: { alphaPerC: 0.02, referenceC: 25 },
};
const valueOf = <T>(result: { ok: true; value: T } | { ok: false }) => {
  if (!result.ok) throw new Error('refused');
  return result.value;
};

describe('a pH cup as a dip', () => {
  test('by hand: 7.02 at 20 °C, shown 7.11', () => {
    const dip = valueOf(phDip(seven));
    expect(dip.lever).toBeCloseTo(0.02, 12);
    expect(dip.difference).toBeCloseTo(0.09, 12);
    // 7.024 at 19 °C, 7.016 at 21: 0.004 a degree over √3, and a digit.
    expect(dip.variance).toBeCloseTo(0.01 ** 2 / 12 + 0.004 ** 2 / 3, 12);
    expect(dip.bends).toBe(false);
    expect(dip.lot).toEqual({ key: '7', value: '7', stdU: 0.02 / Math.sqrt(3) });
  });

  test('without ATC the cell’s own temperature is in the lever and in the doubt', () => {
    const four: PhCupReading = {
      ...seven,
      buffer: { kind: 'phthalate-4.01', nominalPh: 4.01 },
      shownPh: 4.1,
      hasAtc: false,
      lotKey: 'B12',
    };
    const dip = valueOf(phDip(four));
    const factor = 293.15 / 298.15;
    expect(dip.lever).toBeCloseTo(factor * (4.002 - 7), 12);
    expect(dip.difference).toBeCloseTo(4.1 - 7 - factor * (4.002 - 7), 12);
    // Slope of the buffer 0.0009 and −2.998/298.15 = −0.01006 a degree, over √3.
    expect(Math.sqrt(dip.variance - 0.01 ** 2 / 12)).toBeCloseTo(0.00915 / Math.sqrt(3), 4);
    expect(dip.lot?.key).toBe('B12');
  });

  test('unseen: less sure by 0.017; above 7.5 it tells of the bend', () => {
    const unseen = valueOf(phDip({ ...seven, unseen: true }));
    expect(unseen.variance - valueOf(phDip(seven)).variance).toBeCloseTo(0.017 ** 2, 12);
    const ten = { kind: 'carbonate-10.01', nominalPh: 10.01 } as const;
    expect(valueOf(phDip({ ...seven, buffer: ten })).bends).toBe(true);
    expect(phDip({ ...seven, tempC: 51 }).ok).toBe(false);
  });

  test('the factor of a cell: one with ATC, in proportion to kelvin without', () => {
    expect(cellFactor(true, 5)).toBe(1);
    expect(cellFactor(false, 25)).toBe(1);
    expect(cellFactor(false, 10)).toBeCloseTo(283.15 / 298.15, 12);
  });
});

describe('an EC cup as a dip', () => {
  test('by hand: 1.43375 is the target at 15 °C with 2 % per °C', () => {
    const dip = valueOf(ecDip(standard));
    expect(dip.difference).toBeCloseTo(Math.log(1.4 / 1.43375), 9);
    expect(dip.lever).toBe(0);
    const digit = 0.01 / 1.43375 / Math.sqrt(12);
    expect(dip.variance).toBeCloseTo(digit ** 2 + 0.0095 ** 2 / 3, 9);
    expect(dip.lot).toEqual({ key: '1.413', value: '1.413', stdU: 0.01 / Math.sqrt(3) });
  });

  test('without ATC the cup’s degree counts whole, 1.9 %', () => {
    const bare = valueOf(ecDip({ ...standard, compensation: null, shownMsPerCm: 1.147 }));
    expect(bare.difference).toBeCloseTo(0, 9);
    const digit = 0.01 / 1.147 / Math.sqrt(12);
    expect(bare.variance).toBeCloseTo(digit ** 2 + 0.019 ** 2 / 3, 9);
  });

  test('unseen: less sure by 1.7 %; a standard tells of no bend', () => {
    const [seen, unseen] = [ecDip(standard), ecDip({ ...standard, unseen: true })].map(valueOf);
    expect(unseen!.variance - seen!.variance).toBeCloseTo(0.017 ** 2, 12);
    expect(unseen!.bends).toBe(false);
  });

  test('a display of nothing is a dip far off, never an infinity', () => {
    expect(valueOf(ecDip({ ...standard, shownMsPerCm: 0 })).difference).toBeCloseTo(
      Math.log(0.005 / 1.43375),
      9,
    );
  });

  test('a coefficient instead of a table is a part of the doubt', () => {
    const by = (labelAlphaPerC?: number) =>
      valueOf(ecDip({ ...standard, standard: { nominalMsPerCm: 5, labelAlphaPerC } })).variance;
    expect(by(0.0191) - by()).toBeCloseTo(0.01 ** 2 / 3, 5);
  });
});

describe('tolerance', () => {
  test('whole digits round the digit nearest to the target, never fewer than one', () => {
    const wide = displayTolerance({ target: 7.018, tolerance: 0.05, resolution: 0.01 });
    expect(wide.low).toBeCloseTo(6.97, 9);
    expect(wide.high).toBeCloseTo(7.07, 9);
    const coarse = displayTolerance({ target: 7.02, tolerance: 0.05, resolution: 0.1 });
    expect([coarse.low, coarse.high]).toEqual([expect.closeTo(6.9, 9), expect.closeTo(7.1, 9)]);
    expect(() => displayTolerance({ target: 7, tolerance: 0.05, resolution: 0 })).toThrow(
      RangeError,
    );
  });

  test.each([
    [7.07, true],
    [7.08, false],
    [6.97, true],
    [6.96, false],
  ])('%p against 7.02 ± 0.05 is within: %p', (shown, within) => {
    const rule = { target: 7.02, tolerance: 0.05, resolution: 0.01 };
    expect(withinTolerance(shown, rule).within).toBe(within);
    expect(withinTolerance(shown, rule).error).toBeCloseTo(shown - 7.02, 12);
  });

  test('of an error: the policy’s, at least a digit, counted as at a cup', () => {
    const fine = errorTolerance('ph', 'normal', 0.01);
    expect(fine).toEqual({ low: -0.05, high: 0.05, digit: 0.01 });
    expect(isWithin(0.054, fine)).toBe(true);
    expect(isWithin(0.056, fine)).toBe(false);
    expect(isWithin(-0.056, fine)).toBe(false);
    expect(errorTolerance('ph', 'normal', 0.1).high).toBe(0.1);
    expect(errorTolerance('ph', 'laboratory', 0.01).high).toBe(0.02);
    expect(errorTolerance('ph', 'relaxed', 0.01).high).toBe(0.1);
    expect(errorTolerance('ec', 'laboratory', 0.001).high).toBe(0.02);
    expect(errorTolerance('ec', 'normal', 0.001).high).toBe(0.03);
    expect(errorTolerance('ec', 'relaxed', 0.001).high).toBe(0.05);
    expect(isWithin(0.05, { low: -0.05, high: 0.05 })).toBe(true);
    expect(isWithin(0.0501, { low: -0.05, high: 0.05 })).toBe(false);
  });
});

test('the numbers of calibration', () => {
  expect(TOLERANCE).toEqual({
    ph: { laboratory: 0.02, normal: 0.05, relaxed: 0.1 },
    ec: { laboratory: 0.02, normal: 0.03, relaxed: 0.05 },
  });
  expect(AS_LEFT_TOLERANCE).toEqual({ ph: 0.03, ec: 0.02 });
  expect(EXACT_PH_MAP).toEqual({ offsetPh: 0, gain: 1 });
  expect([BEND_FROM_PH, GAIN_TEMP_C, UNSEEN_STD_U, ISOPOTENTIAL_PH]).toEqual([7.5, 25, 0.017, 7]);
});

test('a map, by hand: 7.1 − 0.95 · 3', () => {
  expect(shownPhFor(4, { offsetPh: 0.1, gain: 0.95 })).toBeCloseTo(4.25, 12);
  expect(() => shownPhFor(NaN, EXACT_PH_MAP)).toThrow(RangeError);
});
