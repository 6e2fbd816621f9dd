import {
  CELLS,
  TANK_LIMITS,
  runCell,
  withinLimits,
} from '../../src/core/tank-belief/testing/cells';

/** Prints what became of hidden tanks and their growers, cell by cell, beside what it must be. */
export function benchTanks(tanks: number): void {
  const asked = process.argv.find((arg) => arg.startsWith('--cell='))?.slice(7);
  const cells = Object.keys(CELLS).filter((cell) => !asked || cell.includes(asked));
  console.log(`\nHidden tanks, ${tanks} a cell`);
  const sums = { doses: 0, past: 0, below: 0, over: 0, missed: 0 };
  for (const cell of cells) {
    const result = runCell(cell, { tanks, seed: 1 });
    const ok = withinLimits(result);
    sums.doses += result.doses;
    sums.past += result.pastCount;
    sums.below += result.belowCount;
    sums.over += result.overStepCount;
    sums.missed += ok ? 0 : 1;
    const percent = (share: number) => (100 * share).toFixed(1).padStart(5);
    console.log(
      `  ${ok ? ' ' : '!'} ${cell.padEnd(32)} ${String(result.doses).padStart(5)} doses, past ${result.pastCount}, steps over 1.0 ${result.overStepCount}, lowest ${result.lowestPh.toFixed(2)}, interval ${percent(result.heldInterval)} %, contradicted ${percent(result.contradicted)} %, in ${percent(result.inByPen)} %, near ${percent(result.near)} %, doses ${result.medianDoses}, 90 % ${result.ninetyDoses}`,
    );
  }
  const share = (count: number) => ((100 * count) / sums.doses).toFixed(3);
  console.log(
    `\n  ${sums.doses} doses: past the far edge by more than 0.1 ${share(sums.past)} % (at most ${100 * TANK_LIMITS.past}), below 4.8 ${sums.below}, steps over 1.0 ${share(sums.over)} % (at most ${100 * TANK_LIMITS.overStep})`,
  );
  console.log(sums.missed === 0 ? '  Every cell holds.' : `  ${sums.missed} cells miss a limit.`);
}
