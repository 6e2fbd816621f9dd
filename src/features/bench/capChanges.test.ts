import { capChanges, CAP_LIQUIDS } from './capChanges';

const capped = { penId: 'p', at: '2026-05-20T08:00:00.000Z', endsStopGap: false };
const bodies = (...asked: Parameters<typeof capChanges>) => capChanges(...asked).map((c) => c.body);

test('a stop-gap is booked with what it is', () => {
  for (const { value, label } of CAP_LIQUIDS.filter((each) => each.value !== 'storage'))
    expect(bodies(value, capped)).toMatchObject([{ what: 'stopGap', note: label, side: 'ph' }]);
});

test('storage solution is booked only where it ends a stop-gap', () => {
  expect(bodies('storage', capped)).toEqual([]);
  expect(bodies('storage', { ...capped, endsStopGap: true })).toMatchObject([{ what: 'capTopUp' }]);
});
