import { topUpWeek } from './topUpWeek';
import { hourly } from './testing/hourly';

const DAY_H = 24;
const DAY_MS = 86_400_000;

/** A feed in use, read daily, topped up with 4 L of hard water each morning for so many days. */
function watered(days: number, alkalinityMmolPerL: number | null = 4) {
  const made = hourly();
  const { write, read, pour, tankId } = made;
  const water = { name: 'Town', ecMsPerCm: 0.7, basis: 'report' as const, note: '' };
  const waterId = write(0, {
    kind: 'water',
    body: { ...water, ...(alkalinityMmolPerL === null ? {} : { alkalinityMmolPerL }) },
  });
  for (let day = 1; day <= days; day += 1) {
    read(DAY_H * day, { ph: 5.8, ec: 1.6 });
    const waters = [{ waterId, share: 1 }];
    pour(DAY_H * day + 1, { what: 'water', waterL: 4, waters });
  }
  read(DAY_H * (days + 1), { ph: 5.8, ec: 1.6 });
  return topUpWeek(made.book, tankId, (days + 2) * DAY_MS);
}

test('four litres a day of 4 mmol/L into a hundred bring 1.12 meq/L in a week', () => {
  const week = watered(6)!;
  expect(week.litresPerDay).toBeCloseTo(4, 6);
  expect(week.broughtMeqPerL).toBeCloseTo(1.12, 6);
  expect(week.toPh.mean).toBeGreaterThan(week.fromPh + 0.5);
  expect(week.toPh.low).toBeLessThan(week.toPh.mean);
});

test('two top-ups are no habit; a water nobody knows tells nothing', () => {
  expect(watered(2)).toBeUndefined();
  expect(watered(6, null)).toBeUndefined();
  const { book, tankId } = hourly();
  expect(topUpWeek(book, tankId, DAY_MS)).toBeUndefined();
});

test('what was poured and not read since is waited for', () => {
  const made = hourly();
  const { write, read, pour, tankId } = made;
  const body = { name: 'Town', alkalinityMmolPerL: 4, basis: 'report' as const, note: '' };
  const waters = [{ waterId: write(0, { kind: 'water', body }), share: 1 }];
  for (const day of [1, 2, 3, 4]) {
    read(DAY_H * day, { ph: 6.8, ec: 1.6 });
    pour(DAY_H * day + 1, { what: 'water', waterL: 4, waters });
  }
  read(DAY_H * 5, { ph: 6.8, ec: 1.6 });
  expect(topUpWeek(made.book, tankId, 6 * DAY_MS)).toBeDefined();
  pour(DAY_H * 5 + 1, { what: 'acid', doseMl: 5, acidMmol: 20 });
  expect(topUpWeek(made.book, tankId, 6 * DAY_MS)).toBeUndefined();
});
