import { readingSchema, type PenId, type TankId } from '@/records';
import { readingOf } from './index';

const common = {
  tankId: 't' as TankId,
  sample: 'drain' as const,
  takenMs: Date.UTC(2026, 4, 20, 7, 30),
  note: 'cloudy',
};
const p = 'p' as PenId;

test('every dip is kept as displayed, the first as the value and the others beside it', () => {
  const body = readingSchema.parse(
    readingOf({
      ...common,
      ph: { penId: p, dips: [5.7, 5.8, 5.9] },
      ec: { penId: 'e' as PenId, dips: [1430], scale: 'µS/cm' },
    }),
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

test('a quantity that was not dipped is none; a laboratory’s value stands beside', () => {
  const body = readingSchema.parse(
    readingOf({
      ...common,
      tempC: 20,
      volumeL: 140,
      ph: { penId: p, dips: [5.7, 5.8] },
      ec: { penId: p, dips: [], scale: 'mS/cm' },
      lab: { ph: 5.75 },
    }),
  );
  expect(body).toMatchObject({ ph: { shown: 5.7, repeats: [5.8] }, volumeL: 140, tempC: 20 });
  expect(body.lab).toEqual({ ph: 5.75, ecMsPerCm: undefined, name: '' });
  expect(body.ec).toBeUndefined();
});

test('what the grower saw is kept as evidence, with the core that said it', () => {
  const judged = { value: 5.72, budget: { expandedU: 0.06 }, verdict: 'low' } as never;
  const body = readingOf({ ...common, ph: { penId: p, dips: [5.7], judged } });
  expect(body.ph?.shownThen).toMatchObject({
    value: 5.72,
    expandedU: 0.06,
    verdict: 'low',
    core: expect.any(String),
  });
});
