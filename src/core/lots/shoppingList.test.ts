import { calibrationsLeft, shoppingList, type LotFacts } from './index';

const DAY_MS = 86_400_000;
const nowMs = Date.UTC(2026, 5, 1);
const buffer = (nominal: number, more: Partial<LotFacts>): LotFacts => ({
  kind: 'buffer',
  form: 'bottle',
  nominal,
  expiresAtMs: nowMs + 200 * DAY_MS,
  ...more,
});
const need = (nominal: number, portionsPerMonth = 4) => ({
  kind: 'buffer' as const,
  nominal,
  portionsPerMonth,
});

test('nothing on the Shelf, all past date, too few, nearly past; what lasts is not listed', () => {
  const lots = [
    buffer(4.01, { left: 500 }),
    buffer(7, { left: 60 }),
    buffer(10.01, { left: 500, expiresAtMs: nowMs - DAY_MS }),
    buffer(6.86, { left: 500, expiresAtMs: nowMs + 3 * DAY_MS }),
  ];
  const list = shoppingList(
    [need(6.86), need(4.01), need(7), need(10.01), need(9.18)],
    lots,
    nowMs,
  );
  expect(list.map(({ need: { nominal }, reason }) => [nominal, reason])).toEqual([
    [9.18, 'none'],
    [10.01, 'pastDate'],
    [7, 'few'],
    [6.86, 'soonPastDate'],
  ]);
});

test('the scarcest liquid decides how many calibrations are left', () => {
  const cups = [
    { kind: 'buffer' as const, nominal: 7 },
    { kind: 'buffer' as const, nominal: 4.01 },
  ];
  const lots = [buffer(7, { left: 500 }), buffer(4.01, { left: 30 }), buffer(4.01, { left: 45 })];
  expect(calibrationsLeft(cups, lots, nowMs)).toBe(3);
  expect(calibrationsLeft(cups, [lots[0]!], nowMs)).toBe(0);
  expect(calibrationsLeft(cups, [buffer(7, {}), buffer(4.01, {})], nowMs)).toBeUndefined();
  // The 4.00 of another family is another liquid: it neither counts nor fills a gap.
  expect(calibrationsLeft(cups, [...lots, buffer(4, { left: 500 })], nowMs)).toBe(3);
  expect(calibrationsLeft(cups, [lots[0]!, buffer(4, { left: 500 })], nowMs)).toBe(0);
});
