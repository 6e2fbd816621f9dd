/** A finished run as it is kept. */
interface ResultRun {
  readonly practice: string;
  readonly code?: string | undefined;
  readonly endedAtMs: number;
  readonly by: string;
  readonly minutes: number;
  readonly mistakes: readonly string[];
  readonly errorPh?: number | undefined;
  readonly errorEcRel?: number | undefined;
  readonly tankOffPh: number;
  readonly wornDays: number;
  readonly bufferMl: number;
}

/** Heads of the results as a table; units in the heads, one value a column. */
export const resultHeads = [
  'ended',
  'initials',
  'task',
  'code',
  'minutes',
  'kinds of mistakes',
  'mistakes',
  'pen off at pH 6 a day later, pH',
  'EC off after the next cleaning, %',
  'tank outside its band, pH',
  'probe life lost, days',
  'poured from bottles, mL',
] as const;

/** One run as a row. Numbers with a point, moments in UTC: for programs, not for people. */
export function resultRow(
  run: ResultRun,
  { name, mistakeName }: { readonly name: string; readonly mistakeName: (kind: string) => string },
): readonly string[] {
  const number = (value: number | undefined, decimals: number) =>
    value === undefined ? '' : value.toFixed(decimals);
  return [
    new Date(run.endedAtMs).toISOString(),
    run.by,
    name,
    run.code ?? '',
    number(run.minutes, 1),
    String(run.mistakes.length),
    run.mistakes.map(mistakeName).join('; '),
    number(run.errorPh, 3),
    number(run.errorEcRel === undefined ? undefined : 100 * run.errorEcRel, 1),
    number(run.tankOffPh, 2),
    number(run.wornDays, 1),
    number(run.bufferMl, 0),
  ];
}
