import type { PenAnswer } from '@/book/answers';
import { makePenTrack, stateAt } from '@/core/drift';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { DEFAULT_FORMATS, makeFormats, stepTyped } from '@/words';
import { EMPTY_READ, looksFrozen, readView, type ReadTyped } from './readModel';

const settings = DEFAULT_FORMATS;
const formats = makeFormats(settings);
const combination = GENERIC_PROFILES.find(({ id }) => id === 'combination')!;
/** A side as its model has it before any check. */
const startOf = (quantity: 'ph' | 'ec') => {
  const repeatStdU = quantity === 'ph' ? 0.015 : 0.008;
  const track = makePenTrack({ quantity, accuracy: 0.1, repeatStdU, firstUseMs: 0, events: [] });
  return { quantity, word: 'unverified', state: stateAt(track, 0), repeatStdU };
};
const penWith = (more: object = {}): PenAnswer =>
  ({
    id: 'p',
    body: penFromProfile(combination, { code: 'P1', name: 'Combination' }),
    word: 'unverified',
    openBench: [],
    sides: (['ph', 'ec'] as const).map((quantity) => {
      const side = startOf(quantity);
      return { ...side, state: { ...side.state, ...more } };
    }),
  }) as unknown as PenAnswer;
const unverified = penWith();
const nothing = { level: 0, shared: 0, gain: 0 };
/** A pen just checked, without any error and almost without doubt. */
const checked = penWith({
  standing: 'checked',
  level: 0,
  gain: 0,
  variance: { ...nothing, level: 1e-6 },
  jump: undefined,
});
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

test('a pen never checked gives a number with the maker’s accuracy, no verdict and no side', () => {
  const { judged } = view({ ph: '6.0' }).ph;
  expect(judged).toMatchObject({ standing: 'unverified', verdict: 'cantTell' });
  expect(judged!.budget.parts[0]?.source).toBe('makersAccuracy');
  expect(view({ ph: '9.0' }).ph.judged?.verdict).toBe('cantTell');
  expect(view({ ph: '6.0' }, { phPen: checked }).ph.judged?.verdict).toBe('in');
});

test('a pen that cannot be right shows what it showed, and no verdict', () => {
  const broken = penWith({ standing: 'broken', level: 0, gain: -0.98 });
  const { judged } = view({ ph: '6.99' }, { phPen: broken }).ph;
  expect(judged).toMatchObject({ standing: 'broken', verdict: 'cantTell', value: 6.99 });
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

test('dips of one sample are averaged; their own spread counts, and many are surer than one', () => {
  const read = (ph: string, dips: number[]) =>
    view({ ph }, { phPen: checked, dips: { ph: dips, ec: [] } }).ph.judged!;
  const [once, calm, wild] = [read('5.80', []), read('5.80', [5.8, 5.8]), read('6.20', [5.4, 5.8])];
  expect(wild.value).toBeCloseTo(once.value, 9);
  expect(calm.budget.stdU).toBeLessThan(once.budget.stdU);
  // √((10·0.015² + 0.32)/12/3) = 0.095.
  const repeat = wild.budget.parts.find(({ source }) => source === 'repeat');
  expect(repeat?.stdU).toBeCloseTo(0.0946, 3);
  expect(view({}, { dips: { ph: [5.7], ec: [] } })).toMatchObject({ canSave: true });
});

test('drain has no band until one is set; the tank’s is never used for it', () => {
  expect(view({ ph: '7.4' }, { sample: 'drain' }).ph.judged).toMatchObject({ verdict: 'noBand' });
  const banded = { ...tank, sampleBands: { drain: { ph: { low: 5, high: 6 } } } };
  const drain = view({ ph: '7.4' }, { sample: 'drain', tank: banded, phPen: checked });
  expect(drain.ph.judged).toMatchObject({ verdict: 'high' });
  expect(drain.ph.judged?.pHigh).toBeGreaterThan(0.99);
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
