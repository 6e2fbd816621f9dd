import { CELLS, TANK_LIMITS, runCell, withinLimits, type CellResult } from './testing/cells';

/*
 * The short form of `npm run bench -- --tanks`: hidden tanks of a chemistry of their own, careless
 * growers, reports up to 43 % wrong. Fixed seeds; the limits of a cell are those of the whole run.
 */
const TANKS = 2;
/** A grid with an axis of strength takes its time. */
const tanksOf = (cell: string) => (cell.startsWith('unknown') ? 1 : TANKS);
const NAMES = Object.keys(CELLS);
const results: CellResult[] = [];

/** One tank more or less is a large share of two: a cell may miss by one. */
const roomFor = (count: number) => 1 / Math.max(1, count) + 1e-9;

test.each(NAMES)('%s', (cell) => {
  const result = runCell(cell, { tanks: tanksOf(cell), seed: 20260 });
  results.push(result);
  const loose = {
    ...result,
    past: Math.max(0, result.past - roomFor(result.doses)),
    heldInterval: result.heldInterval + 2 * roomFor(result.doses),
    inByPen: result.inByPen + roomFor(TANKS),
    near: result.near + roomFor(TANKS),
  };
  expect(withinLimits(loose)).toBe(true);
  expect(result.medianDoses).toBeLessThanOrEqual(cell.includes('43 % low') ? 7 : 5);
});

test('over all cells: few pass their band, few move too far, the intervals hold', () => {
  const doses = results.reduce((sum, result) => sum + result.doses, 0);
  const share = (of: (result: CellResult) => number) =>
    results.reduce((sum, result) => sum + of(result), 0) / doses;
  expect(doses).toBeGreaterThan(150);
  // Of some two hundred doses 0.15 % are none: one or two are chance.
  expect(share(({ pastCount }) => pastCount)).toBeLessThanOrEqual(TANK_LIMITS.past + 1 / doses);
  expect(share(({ overStepCount }) => overStepCount)).toBeLessThanOrEqual(
    TANK_LIMITS.overStep + 2 / doses,
  );
  const held = share(({ heldInterval, doses: own }) => heldInterval * own);
  expect(held).toBeGreaterThan(0.94);
  expect(held).toBeLessThan(0.999);
  expect(share(({ contradicted, doses: own }) => contradicted * own)).toBeLessThan(0.01);
});
