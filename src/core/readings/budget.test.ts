import { DAY_MS } from '../units';
import { kindOfNominal } from '../buffers';
import { ecDip, phDip, type Dip } from '../calibration';
import { makePenTrack, stateAt, type PenCheck, type PenState } from '../drift';
import {
  assess,
  assessQuick,
  hasNumber,
  judgeTank,
  judgedVerdict,
  ownRepeatStdU,
  type EcReadingInput,
  type PhReadingInput,
} from './index';

const must = <T>(result: { ok: true; value: T } | { ok: false }): T => {
  if (!result.ok) throw new Error('refused');
  return result.value;
};
const none = { level: 0, shared: 0, gain: 0 };
/** A state put together by hand. */
const state = (more: Partial<PenState> = {}): PenState => ({
  quantity: 'ph',
  standing: 'checked',
  level: 0.1,
  gain: -0.05,
  variance: { level: 4e-4, shared: 1e-5, gain: 1e-4 },
  atCheck: { level: 3e-4, shared: 1e-5, gain: 8e-5 },
  standards: { level: 1e-4, shared: 0, gain: 2e-5 },
  ...more,
});
const phRead = (more: Partial<PhReadingInput> = {}): PhReadingInput => ({
  quantity: 'ph',
  shown: 6.2,
  tempC: 20,
  pen: { resolutionPh: 0.01, hasAtc: true },
  state: state(),
  ...more,
});
const ecRead = (more: Partial<EcReadingInput> = {}): EcReadingInput => ({
  quantity: 'ec',
  shown: 1.9,
  tempC: 20,
  pen: { scale: 'mS/cm', resolution: 0.01, compensation: { alphaPerC: 0.019, referenceC: 25 } },
  state: state({
    quantity: 'ec',
    level: Math.log(0.95),
    gain: 0,
    variance: { ...none, level: 3e-4 },
    atCheck: { ...none, level: 2e-4 },
    standards: { ...none, level: 5e-5 },
  }),
  feedAlphaPerC: 0.02,
  ...more,
});
/** Every part by name with its standard uncertainty; and that they are all there is. */
function parts(input: PhReadingInput | EcReadingInput) {
  const { budget, expandedU, spread } = must(assess(input));
  const sum = Math.hypot(...budget.parts.map(({ stdU }) => stdU));
  expect(budget.expandedU).toBeCloseTo(expandedU, 9);
  expect(budget.stdU).toBeCloseTo(sum, 9);
  if (!spread.jump) expect(spread.stdU).toBeCloseTo(sum, 9);
  return Object.fromEntries(budget.parts.map(({ source, stdU }) => [source, stdU]));
}
const near = (x: number) => expect.closeTo(x, 6);

describe('every part of a budget, pen by pen, by hand', () => {
  test('a two-point pen with ATC', () => {
    // z = (6.2 − 7 − 0.1)/0.95 = −0.947368; everything over b = 0.95.
    const z = -0.9 / 0.95;
    const at = (level: number, shared: number, gain: number) =>
      level + 2 * z * shared + z * z * gain;
    const [all, check, standards] = [at(4e-4, 1e-5, 1e-4), at(3e-4, 1e-5, 8e-5), at(1e-4, 0, 2e-5)];
    expect(must(assess(phRead())).value).toBeCloseTo(7 + z, 12);
    expect(parts(phRead())).toEqual({
      digit: near(0.01 / Math.sqrt(12) / 0.95),
      repeat: near(0.015 / 0.95),
      junction: near(0.02 / 0.95),
      standards: near(Math.sqrt(standards) / 0.95),
      check: near(Math.sqrt(check - standards) / 0.95),
      drift: near(Math.sqrt(all - check) / 0.95),
    });
  });

  test('a coarse pen, dipped three times by one with a scatter of its own', () => {
    const dips = [6.1, 6.2, 6.3];
    const pen = { resolutionPh: 0.1, hasAtc: true };
    const scatter = Math.sqrt((10 * 0.02 ** 2 + 0.02) / 12 / 3);
    expect(parts(phRead({ dips, pen, repeatStdU: 0.02 }))).toMatchObject({
      digit: near(0.1 / Math.sqrt(12) / 0.95),
      repeat: near(scatter / 0.95),
    });
  });

  test('a pen without ATC, the tank’s temperature typed', () => {
    const factor = 283.15 / 298.15;
    const input = phRead({ tempC: 10, pen: { resolutionPh: 0.01, hasAtc: false } });
    const away = -0.9 / (factor * 0.95);
    expect(must(assess(input)).value).toBeCloseTo(7 + away, 12);
    expect(parts(input)).toMatchObject({
      noTemperatureCompensation: near((Math.abs(away) * 0.5) / 298.15 / Math.sqrt(3)),
      junction: near(0.02 / (factor * 0.95)),
    });
  });

  test('without ATC and no temperature: that of the newest cups, ten degrees unsure', () => {
    const pen = { resolutionPh: 0.01, hasAtc: false };
    const input = phRead({ tempC: undefined, pen, state: state({ cupsTempC: 15 }) });
    const away = -0.9 / ((288.15 / 298.15) * 0.95);
    expect(must(assess(input)).value).toBeCloseTo(7 + away, 12);
    expect(parts(input).noTemperatureCompensation).toBeCloseTo(
      (Math.abs(away) * 10) / 298.15 / Math.sqrt(3),
      9,
    );
    const unchecked = phRead({ tempC: undefined, pen, state: state({ standing: 'unverified' }) });
    expect(parts(unchecked).noTemperatureCompensation).toBeGreaterThan(0.01);
    // Taken as it shows, its cell at the tank's temperature.
    const typed = must(assess({ ...unchecked, tempC: 10 }));
    expect(typed.value).toBeCloseTo(7 - 0.8 / (283.15 / 298.15), 12);
  });

  test('a pen never checked: its maker, whole', () => {
    const told = parts(phRead({ state: state({ standing: 'unverified' }) }));
    expect(Object.keys(told).sort()).toEqual(['digit', 'junction', 'makersAccuracy', 'repeat']);
    // Taken as shown, z = −0.8; that it is supposed to lie at −0.9/0.95 counts as doubt.
    expect(must(assess(phRead({ state: state({ standing: 'unverified' }) }))).value).toBe(6.2);
    const z = -0.8;
    const supposed = 0.9 / 0.95 - 0.8;
    expect(told.makersAccuracy).toBeCloseTo(
      Math.hypot(Math.sqrt(4e-4 + 2 * z * 1e-5 + z * z * 1e-4), supposed),
      9,
    );
  });

  test('a pen some days after its check: what may have jumped is in the drift', () => {
    const jump = { probability: 0.2, variance: 0.12 ** 2 };
    const [calm, jumpy] = [parts(phRead()), parts(phRead({ state: state({ jump }) }))];
    expect(jumpy.drift).toBeGreaterThan(3 * calm.drift!);
    expect(jumpy.check).toBeCloseTo(calm.check!, 9);
    const { spread } = must(assess(phRead({ state: state({ jump }) })));
    expect(spread.jump!.stdU ** 2 - spread.stdU ** 2).toBeCloseTo((0.12 / 0.95) ** 2, 9);
  });

  test('an EC pen that compensates', () => {
    // 1.9/0.95 = 2.0 at 25 °C by 1.9 %: back to 20 °C ·0.905, on by 2 %: /0.9.
    const value = (2 * 0.905) / 0.9;
    expect(must(assess(ecRead())).value).toBeCloseTo(value, 12);
    expect(parts(ecRead())).toEqual({
      digit: near(0.01 / Math.sqrt(12)),
      repeat: near(0.008 * value),
      thermometer: near((0.02 * 0.5 * value) / Math.sqrt(3)),
      feedCoefficient: near(0.0012 * 5 * value),
      linearCompensation: near((0.005 * value) / Math.sqrt(3)),
      standards: near(Math.sqrt(5e-5) * value),
      check: near(Math.sqrt(1.5e-4) * value),
      drift: near(Math.sqrt(1e-4) * value),
    });
  });

  test('an EC pen in µS/cm without compensation', () => {
    const pen = { scale: 'µS/cm', resolution: 10, compensation: null } as const;
    const input = ecRead({ shown: 1710, pen, tempC: 20 });
    // 1.71/0.95 = 1.8 at 20 °C, /0.9.
    expect(must(assess(input)).value).toBeCloseTo(2, 12);
    expect(parts(input)).toMatchObject({
      digit: near(0.01 / Math.sqrt(12)),
      feedCoefficient: near(0.012),
    });
    expect(assess(ecRead({ pen, tempC: undefined }))).toMatchObject({
      refusal: { reason: 'temperatureNeeded' },
    });
  });

  test('an EC pen whose tank’s temperature nobody knows: twelve degrees from 25', () => {
    const told = parts(ecRead({ tempC: undefined }));
    const { value } = must(assess(ecRead({ tempC: undefined })));
    expect(value).toBeCloseTo(2, 12);
    const mismatch = (0.001 * 12) / Math.sqrt(3);
    expect(told.feedCoefficient).toBeCloseTo(value * Math.hypot(0.0012 * 12, mismatch), 9);
    // The bound at 12 °C from 25: 0.01 + 0.2·0.017.
    expect(told.linearCompensation).toBeCloseTo((value * 0.0134) / Math.sqrt(3), 9);
    const at20 = ecRead({
      tempC: undefined,
      pen: { ...ecRead().pen, compensation: { alphaPerC: 0.019, referenceC: 20 } },
    });
    // 2.0 stated at 20 °C: /0.9 at 25.
    expect(must(assess(at20)).value).toBeCloseTo(2 / 0.9, 12);
  });

  test('dips of an EC pen count by their ratio', () => {
    const { repeat } = parts(ecRead({ dips: [1.8, 2.0] }));
    const logs = Math.log(2 / 1.8) ** 2 / 2;
    const { value } = must(assess(ecRead()));
    expect(repeat).toBeCloseTo(value * Math.sqrt((10 * 0.008 ** 2 + logs) / 11 / 2), 6);
  });
});

describe('where no number may be given', () => {
  test('a broken pen shows what it showed, without a verdict', () => {
    const input = phRead({
      shown: 6.99,
      state: state({ standing: 'broken', gain: -0.99, level: 0 }),
    });
    const read = must(assess(input));
    expect(read).toMatchObject({ standing: 'broken', value: 6.99, correction: 0 });
    expect(hasNumber(read.standing)).toBe(false);
    expect(judgeTank(read, { low: 5.5, high: 6.5 }).verdict).toBe('cantTell');
    expect(Number.isFinite(read.expandedU)).toBe(true);
  });

  test('an error unsure by more than 0.5 pH, or 20 % in EC, gives none', () => {
    const wide = (u: number) => state({ gain: 0, variance: { ...none, level: (u / 2) ** 2 } });
    expect(must(assess(phRead({ state: wide(0.49) }))).standing).toBe('checked');
    expect(must(assess(phRead({ state: wide(0.51) }))).standing).toBe('unknown');
    const ec = (u: number) => ({ ...ecRead().state, variance: { ...none, level: (u / 2) ** 2 } });
    expect(must(assess(ecRead({ state: ec(0.19) }))).standing).toBe('checked');
    expect(must(assess(ecRead({ state: ec(0.21) }))).standing).toBe('unknown');
  });

  test('no water has a pH outside 0 to 14 or more than 200 mS/cm', () => {
    const exact = state({ level: 0, gain: 0 });
    expect(
      must(assess(phRead({ shown: 14, state: state({ level: -0.4, gain: 0 }) }))).standing,
    ).toBe('impossible');
    expect(must(assess(phRead({ shown: 0, state: state({ level: 0.4, gain: 0 }) }))).standing).toBe(
      'impossible',
    );
    expect(must(assess(phRead({ shown: 14, state: exact }))).standing).toBe('checked');
    expect(must(assess(ecRead({ shown: 201 }))).standing).toBe('impossible');
    expect(must(assess(ecRead({ shown: 0.4 }))).standing).toBe('checked');
    const read = must(assessQuick(phRead({ shown: 14, state: state({ level: -0.4, gain: 0 }) })));
    expect(judgedVerdict(read, { low: 5, high: 6 })).toBe('cantTell');
    expect(() => assess(phRead({ shown: NaN }))).toThrow(RangeError);
  });

  test('a pen never checked gives a number, no verdict and no side', () => {
    const read = must(assess(phRead({ shown: 4, state: state({ standing: 'unverified' }) })));
    expect(read.standing).toBe('unverified');
    expect(judgeTank(read, { low: 5.5, high: 6.5 })).toMatchObject({
      verdict: 'cantTell',
      pLow: 0,
    });
  });

  test('too pure, and without a band: said whatever the pen', () => {
    const read = must(assess(phRead()));
    expect(judgeTank(read, { low: 5.5, high: 6.5 }, 0.09).verdict).toBe('tooPure');
    expect(judgeTank(read, { low: 5.5, high: 6.5 }, 0.1).verdict).not.toBe('tooPure');
    expect(judgeTank(read, undefined)).toMatchObject({ verdict: 'noBand', pIn: 1 });
  });
});

test('quick and listed say the same of every kind of pen', () => {
  for (const input of [
    phRead(),
    ecRead(),
    phRead({ state: state({ jump: { probability: 0.1, variance: 0.01 } }) }),
  ]) {
    const { value, expandedU, standing } = must(assess(input));
    expect(must(assessQuick(input))).toMatchObject({ value, expandedU, standing });
  }
});

test('a pen’s own scatter: ten dips’ worth of the usual beside what it showed', () => {
  expect(ownRepeatStdU('ph', [])).toBeCloseTo(0.015, 12);
  expect(ownRepeatStdU('ec', [])).toBeCloseTo(0.008, 12);
  // (10·0.015² + 0.0002)/11, the pair 6.0 and 6.02.
  expect(ownRepeatStdU('ph', [[6, 6.02], [7]])).toBeCloseTo(
    Math.sqrt((10 * 0.015 ** 2 + 0.0002) / 11),
    12,
  );
});

describe('from cups to a reading', () => {
  const cup = (nominalPh: number, shownPh: number): Dip =>
    must(
      phDip({
        buffer: { kind: kindOfNominal(nominalPh)!, nominalPh },
        tolerancePh: 0.02,
        tempC: 25,
        shownPh,
        resolutionPh: 0.01,
        hasAtc: true,
      }),
    );
  const check = (found: readonly Dip[]): PenCheck => ({
    kind: 'check',
    atMs: 0,
    found,
    left: [],
    afterCleaning: false,
  });

  test('a one-point pen is not called high for a slope nobody set', () => {
    const onePoint = makePenTrack({
      quantity: 'ph',
      accuracy: 0.1,
      startGain: { mean: -0.04, stdU: 0.03 },
      repeatStdU: 0.015,
      events: [check([cup(7, 7)])],
    });
    // A usual one-point pen has a slope of 0.96: it shows 6.02 in a tank of 5.98.
    const band = { low: 5.5, high: 6 };
    const shown = 7 - 0.96 * 1.02;
    const read = must(assess(phRead({ shown, state: stateAt(onePoint, DAY_MS) })));
    expect(shown).toBeGreaterThan(band.high);
    expect(judgeTank(read, band).verdict).toBe('probablyIn');
    expect(Math.abs(read.value - 5.98)).toBeLessThan(read.expandedU / 2);
  });

  test('an EC standard and a tank: the gain found is taken off', () => {
    const dip = must(
      ecDip({
        standard: { nominalMsPerCm: 1.413 },
        toleranceRel: 0.01,
        tempC: 25,
        shownMsPerCm: 1.34,
        resolutionMsPerCm: 0.01,
        compensation: { alphaPerC: 0.02, referenceC: 25 },
      }),
    );
    const events = [0, 1, 2, 3].map((day) => ({ ...check([dip]), atMs: day * DAY_MS }));
    const track = makePenTrack({ quantity: 'ec', accuracy: 0, repeatStdU: 0.008, events });
    const { value } = must(
      assess(ecRead({ shown: 1.34, tempC: 25, state: stateAt(track, 3 * DAY_MS) })),
    );
    expect(value).toBeCloseTo(1.413, 2);
  });
});
