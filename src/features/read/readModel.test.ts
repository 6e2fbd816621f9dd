import type { PenAnswer } from '@/book/answers';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { DEFAULT_FORMATS, makeFormats, stepTyped } from '@/words';
import { EMPTY_READ, looksFrozen, readView, type ReadTyped } from './readModel';

const settings = DEFAULT_FORMATS;
const formats = makeFormats(settings);
const combination = GENERIC_PROFILES.find(({ id }) => id === 'combination')!;
const pen = (state: unknown): PenAnswer =>
  ({
    id: 'p',
    body: penFromProfile(combination, { code: 'P1', name: 'Combination' }),
    word: 'unverified',
    openBench: [],
    sides: [
      { quantity: 'ph', word: 'unverified', state },
      { quantity: 'ec', word: 'unverified', state },
    ],
  }) as unknown as PenAnswer;
const unverified = pen({ basis: 'unverified' });
const tank = { phBand: { low: 5.5, high: 6.5 }, ecBand: { low: 1, high: 1.8 }, alphaPerC: 0.019 };
const view = (typed: Partial<ReadTyped>, more: Partial<Parameters<typeof readView>[0]> = {}) =>
  readView({
    typed: { ...EMPTY_READ, ...typed },
    tank,
    phPen: unverified,
    ecPen: unverified,
    formats,
    ...more,
  });

test('nothing typed: nothing wrong, nothing to save', () => {
  expect(view({})).toMatchObject({ canSave: false, ph: {}, ec: {} });
  expect(view({}).ph.message).toBeUndefined();
});

test('comma or point; one value is enough to save', () => {
  expect(view({ ph: '5,38' })).toMatchObject({ canSave: true, ph: { value: 5.38 } });
});

test.each([
  [{ ph: '65' }, 'ph', '6.5'],
  [{ ec: '1460' }, 'ec', '1.46'],
  [{ temp: '70' }, 'temp', '21.1'],
] as const)('%j is kept, explained, and a likely value offered', (typed, field, instead) => {
  const shown = view({ ph: '6', ...typed });
  expect(shown[field].message?.instead?.typed).toBe(instead);
  expect(shown.canSave).toBe(false);
});

test('a text is no number, at its own field only', () => {
  const shown = view({ ph: 'six', ec: '1.4' });
  expect(shown.ph.message?.text).toContain('not a number');
  expect(shown.ec.judged?.value).toBeCloseTo(1.4, 1);
});

test('a pen never checked gives no firm verdict and is judged with the maker’s accuracy', () => {
  const { judged } = view({ ph: '6.0' }).ph;
  expect(judged).toMatchObject({ verified: false, verdict: 'probablyIn' });
});

test('a book in °F takes °F, and a pen without compensation asks for it', () => {
  const fahrenheit = makeFormats({ ...settings, tempUnit: '°F' });
  expect(view({ ph: '6', temp: '68' }, { formats: fahrenheit }).temp.value).toBeCloseTo(20, 9);
  const bare = {
    ...unverified,
    body: { ...unverified.body, ec: { ...unverified.body.ec!, compensation: null } },
  };
  expect(view({ ec: '1.4' }, { ecPen: bare }).ec.message?.text).toContain(
    'type the tank’s temperature',
  );
  expect(view({ ec: '1.4', temp: '20' }, { ecPen: bare }).canSave).toBe(true);
});

test('rain water is too pure for its pH to be judged', () => {
  expect(view({ ph: '5.6', ec: '0.04' }).ph.judged?.verdict).toBe('tooPure');
});

test('steps go by one digit, and start from the last reading', () => {
  const step = (typed: string, direction: 1 | -1) =>
    stepTyped(typed, { direction, resolution: 0.01, from: 5.84, formats });
  expect(step('', 1)).toBe('5.84');
  expect(step('5.84', 1)).toBe('5.85');
  expect(step('5.80', -1)).toBe('5.79');
});

test('dips of one sample are averaged; three of them tell their own spread', () => {
  const once = view({ ph: '5.80' }).ph.judged!;
  const thrice = view({ ph: '5.90' }, { dips: { ph: [5.7, 5.8], ec: [] } }).ph.judged!;
  expect(thrice.value).toBeCloseTo(once.value, 9);
  // Their own s/√n = 0.058 is in the budget.
  expect(thrice.budget.stdU).toBeGreaterThan(0.057);
  expect(view({}, { dips: { ph: [5.7], ec: [] } })).toMatchObject({ canSave: true });
});

test('drain has no band until one is set; the tank’s is never used for it', () => {
  expect(view({ ph: '7.4' }, { sample: 'drain' }).ph.judged).toMatchObject({ verdict: 'noBand' });
  const banded = { ...tank, sampleBands: { drain: { ph: { low: 5, high: 6 } } } };
  expect(view({ ph: '7.4' }, { sample: 'drain', tank: banded }).ph.judged?.pHigh).toBeGreaterThan(
    0.99,
  );
});

test('volume in the book’s unit, a laboratory’s value beside, and what cannot be', () => {
  const gallons = makeFormats({ ...settings, volumeUnit: 'US gal' });
  expect(view({ ph: '6', level: '10' }, { formats: gallons }).level.value).toBeCloseTo(37.854, 3);
  expect(view({ ph: '6', labPh: '15' })).toMatchObject({ canSave: false });
  expect(view({ ph: '6', labPh: '15' }).labPh.message?.text).toContain('0 to 14');
});

test('the same digits three times over: is the display held?', () => {
  expect(looksFrozen(5.84, [5.84, 5.84, 5.84])).toBe(true);
  expect(looksFrozen(5.84, [5.84, 5.84])).toBe(false);
  expect(looksFrozen(5.84, [5.84, 5.85, 5.84])).toBe(false);
});
