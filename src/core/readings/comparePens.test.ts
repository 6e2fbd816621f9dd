import { comparePens, compareThermometers, type BareReading } from './comparePens';
import { exactState } from './exactState';
import type { ReadingInput } from './reader';

const pen = { resolutionPh: 0.01, hasAtc: true };
const own = (shown: number): BareReading => ({ quantity: 'ph', pen, shown, tempC: 22 });
/** A checked pen, 0.05 pH high everywhere, sure of that to ±0.06 (2σ). */
const reference = (shown: number): ReadingInput => ({
  ...own(shown),
  quantity: 'ph',
  pen,
  state: {
    ...exactState('ph'),
    level: 0.05,
    variance: { ...exactState('ph').variance, level: 0.03 ** 2 },
  },
});

test('how far off it is, beside what the other one corrects to', () => {
  // The reference shows 6.05 and is 0.05 high: the liquid is 6.00. The other shows 6.20.
  const compared = comparePens(own(6.2), reference(6.05));
  expect(compared.ok && compared.value.offset).toBeCloseTo(0.2, 6);
});

test('its ± holds both pens: digit and scatter twice, junctions, and what is unsure of the reference', () => {
  const compared = comparePens(own(6.2), reference(6.05));
  if (!compared.ok) throw new Error(compared.refusal.reason);
  // By hand: own parts 0.0029² + 0.015² + 0.01²; the reference those and 0.03².
  const parts = 0.01 ** 2 / 12 + 0.015 ** 2 + 0.01 ** 2;
  expect(compared.value.expandedU).toBeGreaterThan(2 * Math.sqrt(parts + 0.03 ** 2));
  expect(compared.value.expandedU).toBeLessThan(2 * Math.sqrt(3 * parts + 0.03 ** 2 + 0.03 ** 2));
});

test('a reference that is not known tells nothing', () => {
  const unknown = { ...reference(6.05), state: { ...exactState('ph'), level: 9 } };
  expect(comparePens(own(6.2), unknown as ReadingInput)).toMatchObject({
    ok: false,
    refusal: { reason: 'referenceUnsure' },
  });
});

test('conductivity is compared as a share, each pen in its own scale', () => {
  const compensation = { alphaPerC: 0.02, referenceC: 25 } as const;
  const mine: BareReading = {
    quantity: 'ec',
    shown: 1050,
    pen: { scale: 'µS/cm', resolution: 1, compensation },
    feedAlphaPerC: 0.02,
    tempC: 25,
  };
  const other: ReadingInput = {
    quantity: 'ec',
    shown: 1,
    pen: { scale: 'mS/cm', resolution: 0.01, compensation },
    feedAlphaPerC: 0.02,
    tempC: 25,
    state: exactState('ec'),
  };
  const compared = comparePens(mine, other);
  expect(compared.ok && compared.value.offset).toBeCloseTo(0.05, 6);
  expect(comparePens({ ...mine, shown: 0 }, other)).toMatchObject({
    refusal: { reason: 'nothingShown' },
  });
});

test('ice is surer than another thermometer', () => {
  const [ice, other] = [compareThermometers(0.4, 'meltingIce'), compareThermometers(21.4, 21)];
  expect([ice.offset, other.offset].map((x) => x.toFixed(3))).toEqual(['0.400', '0.400']);
  // Bounds of 0.1 and 0.5 °C and a digit of 0.1 °C, rectangular: 2·√(0.01/3 + 0.01/12), 2·√(0.25/3 + 0.01/12).
  expect(ice.expandedU).toBeCloseTo(0.129, 3);
  expect(other.expandedU).toBeCloseTo(0.58, 2);
});
