import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { bandsDefaults, bandsSchema } from './bandFields';
import { tankDefaults, tankFormSchema } from './tankFields';

const formats = makeFormats({ ...DEFAULT_FORMATS, decimalMark: ',' });
const blank = tankDefaults(undefined, formats);
const form = (more: Partial<typeof blank>) =>
  tankFormSchema(formats).safeParse({
    ...blank,
    name: 'Basil',
    volume: '160',
    ecLow: '1',
    ecHigh: '1,8',
    ...more,
  });
const messages = (result: ReturnType<typeof form>) =>
  Object.fromEntries((result.error?.issues ?? []).map((i) => [i.path[0], i.message]));

describe('a tank from its form', () => {
  test('usual values stand in an empty form; percent becomes per degree', () => {
    const tank = form({}).data;
    expect(tank).toMatchObject({
      volumeL: 160,
      alphaPerC: 0.02,
      phBand: { low: 5.5, high: 6.5 },
      ecBand: { low: 1, high: 1.8 },
      waters: undefined,
      fullL: undefined,
    });
  });
  test('volumes are taken in the book’s unit', () => {
    const tank = form({ volumeUnit: 'US gal', volume: '10', full: '12' }).data;
    expect(tank?.volumeL).toBeCloseTo(37.854, 3);
    expect(tank?.fullL).toBeCloseTo(45.425, 3);
  });
  test('two waters share the whole; one alone, or the same twice, is all of it', () => {
    expect(form({ waterA: 'a', waterB: 'b', share: '70' }).data?.waters).toEqual([
      { waterId: 'a', share: 0.7 },
      { waterId: 'b', share: expect.closeTo(0.3, 12) },
    ]);
    expect(form({ waterA: 'a', waterB: 'a', share: '70' }).data?.waters).toEqual([
      { waterId: 'a', share: 1 },
    ]);
    expect(form({ waterA: 'a' }).data?.waters).toHaveLength(1);
  });
  test('a recipe is kept at the EC it was stated at, and shown at the middle of the band', () => {
    const tank = form({ phosphorus: '30', ammonium: '14' }).data!;
    expect(tank.recipe).toMatchObject({ phosphorusMgPerL: 30, ammoniumMgPerL: 14 });
    expect(tank.recipe!.atEcMsPerCm).toBeCloseTo(1.4, 9);
    const stronger = { ...tank, place: 1, ecBand: { low: 2.3, high: 3.3 } };
    expect(tankDefaults(stronger as never, formats)).toMatchObject({
      phosphorus: '60',
      ammonium: '28',
    });
    expect(form({}).data!.recipe).toBeUndefined();
    expect(messages(form({ ammonium: '14' })).phosphorus).toContain('needed too');
  });
  test('what cannot be is said at its field', () => {
    expect(messages(form({ full: '100' }))).toEqual({ full: 'It holds at least what is in it.' });
    expect(messages(form({ alpha: '9' })).alpha).toContain('between 1 and 4 %');
    expect(messages(form({ share: '120' })).share).toContain('0 and 100');
    expect(messages(form({ ecHigh: '1800' })).ecHigh).toContain('In mS/cm a feed lies between');
    expect(messages(form({ phLow: '7' })).phHigh).toContain('above the low end');
  });
  test('a tank goes into the form and comes out the same', () => {
    const tank = { ...form({ waterA: 'a', waterB: 'b', share: '70', pump: '20' }).data!, place: 1 };
    const again = tankFormSchema(formats).parse(tankDefaults(tank as never, formats));
    expect({ ...again, place: 1 }).toEqual(tank);
  });
});

describe('EC in the unit of the book', () => {
  const ppm = makeFormats({ ...DEFAULT_FORMATS, ecScale: 'ppm500' });
  const typed = { ...tankDefaults(undefined, ppm), name: 'Basil', volume: '160' };
  const ends = { ecLow: '500', ecHigh: '900' };

  test('a band typed in ppm is kept in mS/cm and comes back as typed', () => {
    const tank = tankFormSchema(ppm).parse({ ...typed, ...ends });
    expect(tank.ecBand).toEqual({ low: 1, high: 1.8 });
    expect(tankDefaults({ ...tank, place: 1 } as never, ppm)).toMatchObject(ends);
    const sample = bandsSchema(ppm).parse({ ...bandsDefaults(undefined, ppm), ...ends });
    expect(sample.ec).toEqual({ low: 1, high: 1.8 });
  });
  test('what was typed in another unit is asked about in this one', () => {
    const result = tankFormSchema(ppm).safeParse({ ...typed, ecLow: '500', ecHigh: '18000' });
    expect(result.error?.issues[0]?.message).toBe(
      'In ppm (×500) a feed lies between 0 and 10000. Was this typed in another unit?',
    );
  });
});

describe('bands of other samples', () => {
  const bands = (more: Partial<ReturnType<typeof bandsDefaults>>) =>
    bandsSchema(formats).safeParse({ ...bandsDefaults(undefined, formats), ...more });

  test('both fields empty is no band; both typed is one', () => {
    expect(bands({}).data).toEqual({ ph: undefined, ec: undefined });
    expect(bands({ ecLow: '1,5', ecHigh: '2.5' }).data).toEqual({
      ph: undefined,
      ec: { low: 1.5, high: 2.5 },
    });
  });
  test('half a band, or one upside down, is said', () => {
    expect(bands({ phLow: '5' }).error?.issues[0]).toMatchObject({
      path: ['phHigh'],
      message: 'Both ends, or neither.',
    });
    expect(bands({ phLow: '7', phHigh: '6' }).error?.issues[0]?.message).toContain('low end');
  });
});
