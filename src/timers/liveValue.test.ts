import { liveValue } from './liveValue';
import { readSample } from './sampleSchema';

test('a bare value fits the field that is open; a temperature must say so', () => {
  expect(liveValue({ shown: 7.02 }, { quantity: 'ph', pen: 'P1' })).toBe(7.02);
  expect(liveValue({ shown: 21 }, { quantity: 'temp' })).toBeUndefined();
  expect(liveValue({ shown: 21, quantity: 'temp' }, { quantity: 'temp' })).toBe(21);
});

test('a value of another pen or another quantity is left alone', () => {
  expect(liveValue({ shown: 7, pen: 'P2' }, { quantity: 'ph', pen: 'P1' })).toBeUndefined();
  expect(liveValue({ shown: 7, quantity: 'ph' }, { quantity: 'ec' })).toBeUndefined();
});

test('scales and units are turned into those of the field', () => {
  const ec = { shown: 1413, quantity: 'ec', scale: 'µS/cm' } as const;
  expect(liveValue(ec, { quantity: 'ec', scale: 'mS/cm' })).toBeCloseTo(1.413, 9);
  expect(liveValue(ec, { quantity: 'ec', scale: 'ppm700' })).toBeCloseTo(989.1, 1);
  const warm = { shown: 70.7, quantity: 'temp', tempUnit: '°F' } as const;
  expect(liveValue(warm, { quantity: 'temp', tempUnit: '°C' })).toBeCloseTo(21.5, 9);
  expect(liveValue({ shown: 20, quantity: 'temp' }, { quantity: 'temp', tempUnit: '°F' })).toBe(68);
});

test('a message of another shape is none', () => {
  expect(readSample({ shown: 7.02 })).toEqual({ shown: 7.02 });
  expect(readSample({ shown: 1.4, quantity: 'ec', scale: 'mS/cm', pen: 'P1' })).toBeDefined();
  for (const wrong of [7, null, {}, { shown: '7' }, { shown: NaN }, { shown: 7, quantity: 'mv' }])
    expect(readSample(wrong)).toBeUndefined();
});
