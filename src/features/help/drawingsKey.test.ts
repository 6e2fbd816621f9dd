import { drawingsOf } from './drawingsKey';

test('with no words the key shows every position of a reading, and both charts with all their marks', () => {
  const { readings, charts } = drawingsOf('');
  expect(readings.map(({ verdict }) => verdict)).toEqual(['in', 'probablyIn', 'high', 'cantTell']);
  expect(charts.flatMap(({ flags }) => flags.map(({ kind }) => kind)).sort()).toEqual([
    'dose',
    'due',
    'incident',
    'stage',
    'water',
  ]);
});

test('a search leaves the drawings that say something of it, each as it is said', () => {
  expect(drawingsOf('triangle').charts.map(({ of }) => of)).toEqual(['pen']);
  expect(drawingsOf('triangle').readings).toHaveLength(0);
  const [hatched] = drawingsOf('HATCHED').readings;
  expect(hatched?.verdict).toBe('probablyIn');
  expect(hatched?.drawn).toContain(hatched?.says[0]);
  expect(drawingsOf('unicorn')).toEqual({ readings: [], charts: [] });
});

test('the examples show what their words tell: one reading out of the band, one step back into tolerance', () => {
  const [history, pen] = drawingsOf('').charts;
  const [band] = history!.spec.band;
  const out = history!.spec.points.filter(({ value }) => value > band!.high);
  expect(out).toHaveLength(1);
  const [tolerance] = pen!.spec.band;
  const [, found, left] = pen!.spec.points;
  expect(found!.value).toBeGreaterThan(tolerance!.high);
  expect(Math.abs(left!.value)).toBeLessThan(tolerance!.high);
  expect(left!.atMs).toBe(found!.atMs);
});
