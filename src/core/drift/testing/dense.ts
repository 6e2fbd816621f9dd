import type { Dip } from '../../calibration';

/**
 * The plain way to what a pen is known to be: every unknown (start, rates, bottles, each step of the
 * walk, each level left by an adjustment) is one variable, every dip one equation, and all of it is
 * solved at once. No filter, no smoother, no bridge. For one walk and no jumps.
 */
export interface DenseProblem {
  readonly walk: number;
  readonly gainShare: number;
  readonly start: readonly [mean: number, stdU: number][];
  readonly repeatStdU: number;
  readonly adjusted: readonly [number, number];
  /** In order of time; a moment to be told about holds no dips. */
  readonly moments: readonly {
    readonly day: number;
    readonly dips: readonly Dip[];
    readonly adjust?: boolean;
    readonly left?: readonly Dip[];
  }[];
}

interface Variable {
  readonly mean: number;
  readonly variance: number;
}
/** A quantity as weights of variables. */
type Line = Map<number, number>;

/** Solves A·X = B by Gauss with pivots; rows of B follow A's. */
function gauss(a: number[][], b: number[][]): number[][] {
  const n = a.length;
  for (let column = 0; column < n; column += 1) {
    let pivot = column;
    for (let row = column + 1; row < n; row += 1)
      if (Math.abs(a[row]![column]!) > Math.abs(a[pivot]![column]!)) pivot = row;
    [a[column], a[pivot]] = [a[pivot]!, a[column]!];
    [b[column], b[pivot]] = [b[pivot]!, b[column]!];
    for (let row = 0; row < n; row += 1) {
      if (row === column) continue;
      const factor = a[row]![column]! / a[column]![column]!;
      for (let k = 0; k < n; k += 1) a[row]![k]! -= factor * a[column]![k]!;
      b[row] = b[row]!.map((value, k) => value - factor * b[column]![k]!);
    }
  }
  return b.map((row, at) => row.map((value) => value / a[at]![at]!));
}

/** Level and gain at each moment before its dips' adjustment: mean and standard deviation of both. */
export function solveDense(problem: DenseProblem) {
  const variables: Variable[] = [];
  const add = (mean: number, variance: number) => variables.push({ mean, variance }) - 1;
  const [level0, gain0, rate0, gainRate0] = problem.start.map(([mean, s]) => add(mean, s * s));
  const lots = new Map<string, number>();
  const one = (at: number): Line => new Map([[at, 1]]);
  let level = one(level0!);
  let gain = one(gain0!);
  let dayNow = 0;
  const plus = (line: Line, at: number, weight: number): Line =>
    new Map([...line, [at, (line.get(at) ?? 0) + weight]]);
  const equations: { line: Line; value: number; variance: number }[] = [];
  const take = (dip: Dip) => {
    let line = new Map(level);
    for (const [at, weight] of gain) line = plus(line, at, dip.lever * weight);
    if (dip.lot) {
      const known = lots.get(dip.lot.key) ?? add(0, dip.lot.stdU ** 2);
      lots.set(dip.lot.key, known);
      line = plus(line, known, 1);
    }
    equations.push({
      line,
      value: dip.difference,
      variance: dip.variance + problem.repeatStdU ** 2,
    });
  };
  const asked: { level: Line; gain: Line }[] = [];
  for (const { day, dips, adjust, left = [] } of problem.moments) {
    const days = day - dayNow;
    dayNow = day;
    if (days > 0) {
      const q = problem.walk ** 2 * days;
      level = plus(plus(level, rate0!, days), add(0, q), 1);
      gain = plus(plus(gain, gainRate0!, days), add(0, problem.gainShare * q), 1);
    }
    asked.push({ level, gain });
    dips.forEach(take);
    if (adjust) {
      level = one(add(0, problem.adjusted[0] ** 2));
      gain = one(add(0, problem.adjusted[1] ** 2));
    }
    left.forEach(take);
  }
  const dot = (a: Line, b: Line) =>
    [...a].reduce((sum, [at, w]) => sum + w * (b.get(at) ?? 0) * variables[at]!.variance, 0);
  const meanOf = (line: Line) =>
    [...line].reduce((sum, [at, w]) => sum + w * variables[at]!.mean, 0);
  const matrix = equations.map((row, i) =>
    equations.map((column, j) => dot(row.line, column.line) + (i === j ? row.variance : 0)),
  );
  const tell = (line: Line) => {
    const across = equations.map((equation) => dot(line, equation.line));
    const solved = gauss(
      matrix.map((row) => [...row]),
      equations.map(({ value, line: l }, i) => [value - meanOf(l), across[i]!]),
    );
    const mean = meanOf(line) + across.reduce((sum, w, i) => sum + w * solved[i]![0]!, 0);
    const variance = dot(line, line) - across.reduce((sum, w, i) => sum + w * solved[i]![1]!, 0);
    return { mean, stdU: Math.sqrt(variance) };
  };
  return asked.map((one2) => ({ level: tell(one2.level), gain: tell(one2.gain) }));
}
