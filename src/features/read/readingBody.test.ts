import type { PenAnswer } from '@/book/answers';
import { readingSchema } from '@/records';
import { readingBody } from './readingBody';
import type { ReadView } from './readModel';

const pen = (id: string) => ({ id, body: { ec: { scale: 'µS/cm' } } }) as unknown as PenAnswer;
const view = (more: Partial<ReadView>): ReadView =>
  ({
    ph: {},
    ec: {},
    temp: {},
    level: {},
    labPh: {},
    labEc: {},
    canSave: true,
    ...more,
  }) as ReadView;
const common = {
  tankId: 't',
  sample: 'drain' as const,
  takenMs: Date.UTC(2026, 4, 20, 7, 30),
  dips: { ph: [5.7, 5.8], ec: [] },
  phPen: pen('p'),
  ecPen: pen('e'),
  note: 'cloudy',
};

test('every dip is kept as displayed, the first as the value and the others beside it', () => {
  const body = readingSchema.parse(
    readingBody({ ...common, view: view({ ph: { value: 5.9 }, ec: { value: 1430 } }) }),
  );
  expect(body).toMatchObject({
    sampleKind: 'drain',
    takenAt: '2026-05-20T07:30:00.000Z',
    ph: { shown: 5.7, repeats: [5.8, 5.9], penId: 'p' },
    ec: { shown: 1430, scale: 'µS/cm', penId: 'e' },
    note: 'cloudy',
  });
  expect(body.ec?.repeats).toBeUndefined();
  expect(body.lab).toBeUndefined();
});

test('dips alone are a reading; a laboratory’s value stands beside, level in litres', () => {
  const body = readingSchema.parse(
    readingBody({
      ...common,
      view: view({ level: { value: 140 }, labPh: { value: 5.75 }, temp: { value: 20 } }),
    }),
  );
  expect(body).toMatchObject({ ph: { shown: 5.7, repeats: [5.8] }, volumeL: 140, tempC: 20 });
  expect(body.lab).toEqual({ ph: 5.75, ecMsPerCm: undefined, name: '' });
  expect(body.ec).toBeUndefined();
});
