import type { Row } from '@/book/answers';
import { controlSentence } from '@/words/pens/control';
import { controlPoints, controlTruth } from './controlModel';

const row = (day: number, shown: number, penId = 'p') =>
  ({
    id: `c${day}`,
    revId: 'r',
    by: '',
    body: {
      penId,
      at: new Date(day * 86_400_000).toISOString(),
      nominalPh: 6.86,
      shown,
      tempC: 15,
      note: '',
    },
  }) as Row<'controlReading'>;
const number = (x: number) => x.toFixed(2);

test('the 6.86 is 6.90 at 15 °C: shown 6.95 is 0.05 high', () => {
  expect(controlTruth(6.86, 15)).toBeCloseTo(6.9, 2);
  const points = controlPoints([row(2, 6.95), row(1, 6.9), row(3, 6.9, 'other')], 'p');
  expect(points.map(({ error }) => number(error))).toEqual(['0.00', '0.05']);
  expect(controlTruth(5, 20)).toBeUndefined();
});

const said = (rows: readonly Row<'controlReading'>[]) =>
  controlSentence(
    controlPoints(rows, 'p').map(({ error }) => error),
    number,
  );

test('a jump beyond its usual scatter is said', () => {
  const calm = [6.92, 6.93, 6.92, 6.91, 6.92].map((shown, day) => row(day, shown));
  expect(said(calm)).toContain('as usual');
  const jumped = [...calm, row(9, 7.1)];
  expect(said(jumped)).toContain('moved from its usual');
  expect(controlSentence([], number)).toContain('Not read yet');
});
