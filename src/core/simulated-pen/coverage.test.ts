import { GROUPS, holds, type Row } from './testing/table';

/**
 * Every cell of the coverage table with few pens and fixed seeds; `npm run bench -- --coverage` runs it
 * whole. The room is for chance: three standard deviations of so few.
 */
const SEED = 20426;
const PENS: Readonly<Record<string, number>> = { between: 50, after: 200 };
const FEW_PENS = 60;
const ROOM_SHARE = 0.065;
const ROOM_WIDTH = 0.15;
const ROOM_ERROR = 0.012;

const roomOf = ({ group }: Row) =>
  group.includes('over told') ? ROOM_WIDTH : group.includes('mean error') ? ROOM_ERROR : ROOM_SHARE;

describe.each(Object.entries(GROUPS))('the ± of a pen, %s', (name, rowsOf) => {
  const room = { lookBack: 0.25, due: 4 }[name];
  const rows = rowsOf({ pens: PENS[name] ?? FEW_PENS, seed: SEED });

  test('every cell holds what it must, but for chance', () => {
    const missed = rows.filter((row) => !holds(row, room ?? roomOf(row)));
    expect(missed).toEqual([]);
    expect(rows.length).toBeGreaterThan(5);
  });

  test('and their mean does without room', () => {
    for (const group of new Set(rows.map((row) => row.group))) {
      if (!group.endsWith(': held')) continue;
      const own = rows.filter((row) => row.group === group);
      const mean = own.reduce((sum, row) => sum + row.reached, 0) / own.length;
      expect(mean).toBeGreaterThan(0.945);
    }
  });
});
