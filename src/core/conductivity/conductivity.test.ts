import fc from 'fast-check';
import {
  compensateEc,
  expectedStandardEc,
  linearityBoundRel,
  standardEcAt,
  standardExtraBoundRel,
  uncompensateEc,
} from './index';

const valueOf = (result: { ok: boolean; value?: number }) => (result.ok ? result.value! : NaN);

describe('KCl standards against temperature', () => {
  test.each([
    // ISO 7888:1985, table 1, mS/cm.
    [1.413, 15, 1.147, 0.0005],
    [1.413, 25, 1.413, 0.0005],
    [2.765, 20, 2.501, 0.0005],
    [12.88, 30, 14.12, 0.005],
    // Between rows, straight line by hand: 1.147 + (1.225 − 1.147)/3 = 1.173.
    [1.413, 16, 1.173, 0.0005],
  ])('%p mS/cm at %p °C is %p', (nominal, tempC, expected, within) => {
    const found = valueOf(standardEcAt({ nominalMsPerCm: nominal }, tempC));
    expect(Math.abs(found - expected)).toBeLessThanOrEqual(within);
  });

  test('2.76 and 2.77 are the same solution, each true to its own label at 25 °C', () => {
    expect(valueOf(standardEcAt({ nominalMsPerCm: 2.77 }, 25))).toBeCloseTo(2.77, 9);
    expect(valueOf(standardEcAt({ nominalMsPerCm: 2.76 }, 25))).toBeCloseTo(2.76, 9);
  });

  test('a standard without a table follows the nearest KCl in proportion, or its own α', () => {
    // 5 lies nearer to 2.765 than to 12.88 by ratio: 5 · 2.243/2.765.
    expect(valueOf(standardEcAt({ nominalMsPerCm: 5 }, 15))).toBeCloseTo((5 * 2.243) / 2.765, 9);
    expect(standardEcAt({ nominalMsPerCm: 5 }, 31).ok).toBe(false);
    const lot = { nominalMsPerCm: 5, labelAlphaPerC: 0.02 };
    expect(valueOf(standardEcAt(lot, 20))).toBeCloseTo(4.5, 9);
    expect(valueOf(standardEcAt(lot, 35))).toBeCloseTo(6, 9);
  });

  test('a coefficient instead of a table widens the tolerance by what a line is off', () => {
    const lot = { nominalMsPerCm: 5, labelAlphaPerC: 0.02 };
    expect(standardExtraBoundRel(lot, 15)).toBeCloseTo(0.01, 9);
    expect(standardExtraBoundRel({ nominalMsPerCm: 5 }, 15)).toBe(0);
    expect(standardExtraBoundRel({ nominalMsPerCm: 1.413 }, 35)).toBeCloseTo(0.01, 9);
    expect(standardExtraBoundRel({ nominalMsPerCm: 1.413 }, 15)).toBe(0);
  });

  test('a nominal above 50 mS/cm or of nothing is refused', () => {
    expect(standardEcAt({ nominalMsPerCm: 50 }, 25).ok).toBe(true);
    expect(standardEcAt({ nominalMsPerCm: 51 }, 25)).toMatchObject({ refusal: { max: 50 } });
    expect(standardEcAt({ nominalMsPerCm: 0 }, 25).ok).toBe(false);
  });

  test('a KCl solution goes on above its table by α, above 50 °C it refuses', () => {
    expect(valueOf(standardEcAt({ nominalMsPerCm: 1.413 }, 35))).toBeCloseTo(1.413 * 1.191, 6);
    expect(standardEcAt({ nominalMsPerCm: 1.413 }, 51).ok).toBe(false);
  });
});

describe('what a compensating pen should show in a standard', () => {
  test('α 0.020 reads KCl about 1.5 % high at 15 °C and 3 % high at 10 °C', () => {
    const atc = { alphaPerC: 0.02, referenceC: 25 };
    const at15 = valueOf(expectedStandardEc({ nominalMsPerCm: 1.413 }, 15, atc));
    const at10 = valueOf(expectedStandardEc({ nominalMsPerCm: 1.413 }, 10, atc));
    // By hand: 1.147/0.8 = 1.43375; 1.020/0.7 = 1.45714.
    expect(at15).toBeCloseTo(1.43375, 5);
    expect(at10).toBeCloseTo(1.45714, 5);
    expect(at15 / 1.413).toBeCloseTo(1.0147, 3);
    expect(at10 / 1.413).toBeCloseTo(1.0312, 3);
  });

  test('a pen that does not compensate shows the table value', () => {
    expect(valueOf(expectedStandardEc({ nominalMsPerCm: 1.413 }, 15, null))).toBeCloseTo(1.147, 9);
  });
});

describe('linear compensation', () => {
  test('by hand: 2.00 mS/cm at 20 °C is 2.2099 at 25 with α 0.019', () => {
    const to25 = compensateEc(2, 20, { alphaPerC: 0.019, referenceC: 25 });
    expect(valueOf(to25)).toBeCloseTo(2 / 0.905, 9);
    const to20 = compensateEc(2, 20, { alphaPerC: 0.019, referenceC: 20 });
    expect(valueOf(to20)).toBeCloseTo(2, 9);
  });

  test('undo and redo come back to the start', () => {
    const kappa = fc.double({ min: 0.01, max: 50, noNaN: true });
    const temp = fc.double({ min: 0, max: 50, noNaN: true });
    const alpha = fc.double({ min: 0.015, max: 0.025, noNaN: true });
    fc.assert(
      fc.property(
        kappa,
        temp,
        alpha,
        fc.constantFrom(20, 25),
        (ec, tempC, alphaPerC, referenceC) => {
          const by = { alphaPerC, referenceC };
          const back = compensateEc(valueOf(uncompensateEc(ec, tempC, by)), tempC, by);
          expect(valueOf(back)).toBeCloseTo(ec, 9);
        },
      ),
    );
  });

  test('the linearity bound covers KCl itself at the best single α', () => {
    for (const [tempC, table] of [
      [15, 1.147],
      [5, 0.896],
      [0, 0.776],
    ] as const) {
      const linear = valueOf(compensateEc(table, tempC, { alphaPerC: 0.0191, referenceC: 25 }));
      expect(Math.abs(linear / 1.413 - 1)).toBeLessThanOrEqual(linearityBoundRel(tempC));
    }
    expect(linearityBoundRel(25)).toBe(0);
    expect(linearityBoundRel(45)).toBeCloseTo(0.027, 12);
  });

  test('refuses a temperature at which it does not hold', () => {
    expect(compensateEc(1, -1, { alphaPerC: 0.019, referenceC: 25 }).ok).toBe(false);
  });
});
