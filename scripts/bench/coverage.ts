import { GROUPS, holds, type Row } from '../../src/core/simulated-pen/testing/table';

/** A row as it is printed. */
function line({ cell, reached, atLeast, atMost }: Row, ok: boolean): string {
  const write = (x: number) => (x >= 3 ? x.toFixed(0) : x.toFixed(3));
  const limits = [
    atLeast === undefined ? '' : `at least ${write(atLeast)}`,
    atMost === undefined || atMost === 1 ? '' : `at most ${write(atMost)}`,
  ].filter(Boolean);
  return `  ${ok ? ' ' : '!'} ${cell.padEnd(42)} ${write(reached).padStart(7)}   ${limits.join(', ')}`;
}

/** Prints the whole coverage table: each cell beside what it must reach. */
export function benchCoverage(pens: number): void {
  const asked = process.argv.find((arg) => arg.startsWith('--group='))?.slice(8);
  let missed = 0;
  for (const [name, rowsOf] of Object.entries(GROUPS)) {
    if (asked && asked !== name) continue;
    const started = Date.now();
    const rows = rowsOf({ pens, seed: 20426 });
    for (const group of new Set(rows.map((row) => row.group))) {
      const own = rows.filter((row) => row.group === group);
      const mean = own.reduce((sum, row) => sum + row.reached, 0) / own.length;
      console.log(`\n${group} (mean ${mean.toFixed(3)}, ${own.length} cells)`);
      for (const row of own) {
        const ok = holds(row);
        if (!ok) missed += 1;
        console.log(line(row, ok));
      }
    }
    console.log(
      `\n  ${name}: ${((Date.now() - started) / 1000).toFixed(0)} s, ${pens} pens a cell`,
    );
  }
  console.log(missed === 0 ? '\nEvery cell holds.' : `\n${missed} cells miss their limit.`);
}
