import { PEN_MODEL, dueByDriftMs, type PenModel, type PenTrack } from '../../drift';
import { seededRandom } from '../../statistics';
import { after, between, lookedBack, onDueDay, type Tally } from './coverage';
import { EcGrower, type EcHabit } from './ecGrower';
import type { PhHabit } from './phGrower';
import { EC_TEMPERS, TEMPERS, type TemperName } from './truth';

/** A row of the coverage table: what was reached, and what it must reach. */
export interface Row {
  readonly group: string;
  readonly cell: string;
  /** A share, a length or a count, by its group. */
  readonly reached: number;
  readonly atLeast?: number;
  readonly atMost?: number;
}

/** How large a run is. */
interface Run {
  readonly pens: number;
  readonly seed: number;
}

const TEMPER_NAMES: readonly TemperName[] = ['calm', 'usual', 'restless', 'jumpy'];

/** How much wider than a told filter's a ± may be, by what the grower does. */
const WIDTH_LIMIT: Readonly<Record<string, number>> = {
  'four-month gaps': 1.55,
  // A year of one cup, and a probe cleaned before every single check, tell little: what is not seen
  // stays possible.
  'one cup, later checks': 1.45,
  'cleaned first': 1.55,
};

/** What growers do between checks, each tried with every temper. */
const HABITS: Readonly<Record<string, Omit<PhHabit, 'temper'>>> = {
  weekly: { everyDays: 7, checks: 12 },
  monthly: { everyDays: 30, checks: 8 },
  'four-month gaps': { everyDays: 120, checks: 5 },
  'one-point pen': { everyDays: 7, checks: 12, cups: [7] },
  'one cup, later checks': { everyDays: 14, checks: 10, oneCup: true },
  'cleaned first': { everyDays: 14, checks: 10, cleanedFirst: true },
  'stores the nominal': { everyDays: 14, checks: 10, storesNominal: true },
  'zero dial': { everyDays: 14, checks: 10, zeroOnly: true },
  'bent, 7 and 10': { everyDays: 14, checks: 10, cups: [7, 10.01], bend: 0.02 },
  '0.1 display': { everyDays: 14, checks: 10, digit: 0.1 },
  'no ATC, typed': { everyDays: 14, checks: 10, hasAtc: false },
  'no ATC, not typed': { everyDays: 14, checks: 10, hasAtc: false, tempTyped: false },
  'new probe': { everyDays: 14, checks: 10, newProbe: true },
  'one cup in 20 dirty': { everyDays: 14, checks: 10, dirtyOneIn: 20 },
};

/** The filter given the simulation's own numbers. */
function toldModel(temper: TemperName): PenModel {
  const { walk, gainWalk, trend, gainTrend, ...rest } = TEMPERS[temper];
  const jump = 'jump' in rest ? rest.jump : undefined;
  return {
    ...PEN_MODEL.ph,
    walks: [walk],
    walkWeights: [1],
    walkShares: [1, (gainWalk / walk) ** 2],
    rates: [
      { mean: 0, stdU: 1.04 * trend },
      { mean: gainTrend, stdU: 0.29 * Math.abs(gainTrend) },
    ],
    jump: jump?.stdU ?? PEN_MODEL.ph.jump,
    jumpsBefore: { count: (jump?.perDay ?? 0) * 1e9, days: 1e9 },
  };
}

/** The same for an EC pen. */
function toldEcModel(temper: TemperName): PenModel {
  const { walk, trend, jump } = EC_TEMPERS[temper];
  return {
    ...PEN_MODEL.ec,
    walks: [walk],
    walkWeights: [1],
    rates: [{ mean: 0, stdU: 1.04 * trend }],
    jumpsBefore: { count: (jump?.perDay ?? 0) * 1e9, days: 1e9 },
  };
}

/** The mean of a group's cells as a row of its own. */
function meanRow(rows: readonly Row[], group: string, limits: Partial<Row>): Row {
  const own = rows.filter((row) => row.group === group);
  const reached = own.reduce((sum, row) => sum + row.reached, 0) / own.length;
  return { group, cell: 'mean of all', reached, ...limits };
}

/** Readings between checks: coverage, mean error, verdicts; and U over what a told filter needs. */
function betweenRows(run: Run): Row[] {
  const rows = betweenCells(run);
  return [
    ...rows,
    meanRow(rows, 'between checks: held', { atLeast: 0.95, atMost: 0.975 }),
    meanRow(rows, 'between checks: U over told', { atMost: 1.1 }),
  ];
}

function betweenCells(run: Run): Row[] {
  return Object.entries(HABITS).flatMap(([name, habit]) =>
    TEMPER_NAMES.flatMap((temper): Row[] => {
      const tally = between({ ...habit, temper }, run);
      const told = between({ ...habit, temper, model: toldModel(temper) }, run);
      const cell = `${name}, ${temper}`;
      return [
        { group: 'between checks: held', cell, reached: tally.held, atLeast: 0.93, atMost: 1 },
        ...errorRows(name, cell, tally),
        {
          group: 'between checks: U over told',
          cell,
          reached: tally.meanU / told.meanU,
          atMost: WIDTH_LIMIT[name] ?? 1.25,
        },
        {
          group: 'firm verdicts false',
          cell,
          reached: tally.firmFalse,
          atMost: temper === 'jumpy' ? 0.025 : 0.01,
        },
        { group: 'probable verdicts right', cell, reached: tally.probablyRight, atLeast: 0.5 },
      ];
    }),
  );
}

/** Mean errors that what is never seen leaves, pH. */
const ERROR_LIMIT: Readonly<Record<string, number>> = {
  'one-point pen': 0.025,
  'one cup, later checks': 0.09,
  'bent, 7 and 10': 0.02,
};

function errorRows(name: string, cell: string, tally: Tally): Row[] {
  const atMost = ERROR_LIMIT[name] ?? 0.01;
  return [
    { group: 'between checks: mean error', cell, reached: Math.abs(tally.meanError), atMost },
  ];
}

/** Readings after the newest check. */
function afterRows(run: Run): Row[] {
  const weekly = (temper: TemperName, checks: number): PhHabit => ({
    temper,
    checks,
    everyDays: 7,
  });
  const soon = [1, 2, 4].flatMap((checks) =>
    TEMPER_NAMES.map((temper): Row => {
      const { held } = after(weekly(temper, checks), [0, 7], run);
      return {
        group: '0–7 days after a check: held',
        cell: `check ${checks}, ${temper}`,
        reached: held,
        atLeast: 0.93,
      };
    }),
  );
  const later = [1, 2, 3, 6, 10].flatMap((checks) =>
    TEMPER_NAMES.map((temper): Row => {
      const { held } = after(weekly(temper, checks), [1, 30], run);
      const atLeast = temper === 'jumpy' ? 0.87 : 0.935;
      return {
        group: '1–30 days after a check: held',
        cell: `check ${checks}, ${temper}`,
        reached: held,
        atLeast,
      };
    }),
  );
  const turned: PhHabit = { temper: 'calm', restlessFrom: 365, everyDays: 7, checks: 61 };
  const width = [10, 30].map((checks): Row => {
    const habit = weekly('calm', checks);
    const own = after(habit, [1, 30], run).meanU;
    const told = after({ ...habit, model: toldModel('calm') }, [1, 30], run).meanU;
    return {
      group: '1–30 days after, calm: U over told',
      cell: `check ${checks}`,
      reached: own / told,
      atMost: checks === 10 ? 1.55 : 1.35,
    };
  });
  return [
    ...soon,
    ...later,
    {
      group: '1–30 days after a check: held',
      cell: 'restless after a calm year',
      reached: after(turned, [1, 30], run).held,
      atLeast: 0.78,
    },
    ...width,
  ];
}

/** How an EC pen fares. */
function ecTally(habit: EcHabit, where: 'between' | 'after', { pens, seed }: Run) {
  let held = 0;
  let count = 0;
  let sumU = 0;
  for (let pen = 0; pen < pens; pen += 1) {
    const grower = new EcGrower(habit, seed * 100_003 + pen * 7919);
    const when = seededRandom(seed + pen);
    const readings: ReturnType<EcGrower['read']>[] = [];
    for (let number = 0; number < habit.checks; number += 1) {
      grower.check(number * habit.everyDays);
      const asked = where === 'between' && number >= habit.checks - 3 && number < habit.checks - 1;
      if (asked) readings.push(grower.read((number + 0.02 + 0.96 * when()) * habit.everyDays));
    }
    if (where === 'after')
      readings.push(grower.read((habit.checks - 1) * habit.everyDays + 1 + 29 * when()));
    const track = grower.track();
    for (const reading of readings) {
      const { error, expandedU } = grower.judged(reading, track);
      count += 1;
      sumU += expandedU;
      if (Math.abs(error) <= expandedU) held += 1;
    }
  }
  return { held: held / count, meanU: sumU / count };
}

/** EC: weekly, monthly, after, without compensation. */
function ecRows(run: Run): Row[] {
  const cells: readonly [string, Omit<EcHabit, 'temper'>, 'between' | 'after'][] = [
    ['weekly', { everyDays: 7, checks: 12 }, 'between'],
    ['monthly', { everyDays: 30, checks: 8 }, 'between'],
    ['1–30 days after check 6', { everyDays: 14, checks: 6 }, 'after'],
    ['no ATC', { everyDays: 14, checks: 10, hasAtc: false }, 'between'],
  ];
  return cells.flatMap(([name, habit, where]) =>
    TEMPER_NAMES.flatMap((temper): Row[] => {
      const own = ecTally({ ...habit, temper }, where, run);
      const told = ecTally({ ...habit, temper, model: toldEcModel(temper) }, where, run);
      const cell = `${name}, ${temper}`;
      return [
        { group: 'EC: held', cell, reached: own.held, atLeast: 0.925 },
        {
          group: 'EC: U over told',
          cell,
          reached: own.meanU / told.meanU,
          atMost: where === 'after' ? 1.6 : 1.3,
        },
      ];
    }),
  );
}

/** The look-back at monthly checks, beside a told filter. */
function lookBackRows(run: Run): Row[] {
  return (['usual', 'restless', 'jumpy'] as const).flatMap((temper): Row[] => {
    const habit: PhHabit = { temper, everyDays: 30, checks: 8 };
    const own = lookedBack(habit, run);
    const told = lookedBack({ ...habit, model: toldModel(temper) }, run);
    return [
      {
        group: 'look-back: turned verdicts true',
        cell: temper,
        reached: own.turnedTrue,
        atLeast: told.turnedTrue - 0.04,
      },
      {
        group: 'look-back: false ones turned',
        cell: temper,
        reached: own.falseTurned,
        atLeast: told.falseTurned - 0.04,
      },
    ];
  });
}

const rule = (half: number) => ({ lever: -1, tolerance: { low: -half, high: half } });
const dueAt = (half: number) => (track: PenTrack) => dueByDriftMs(track, rule(half));

/** Due by own drift: within tolerance on that day, and no sooner than need be. */
function dueRows(run: Run): Row[] {
  const within = TEMPER_NAMES.map((temper): Row => {
    const habit: PhHabit = { temper, everyDays: 14, checks: 8 };
    const { within: share } = onDueDay(habit, dueAt(0.1), { ...run, tolerance: 0.1 });
    const atLeast = { calm: 0.95, usual: 0.95, restless: 0.93, jumpy: 0.87 }[temper];
    return { group: 'within ±0.1 on the due day', cell: temper, reached: share, atLeast };
  });
  const days = (
    [
      [12, 7, 22],
      [12, 21, 27],
      [30, 7, 30],
    ] as const
  ).map(([checks, everyDays, atLeast]): Row => {
    const habit: PhHabit = { temper: 'calm', everyDays, checks };
    const { medianDays } = onDueDay(habit, dueAt(0.1), { ...run, tolerance: 0.1 });
    return {
      group: 'calm pen, due after days',
      cell: `${checks} checks, every ${everyDays} days`,
      reached: medianDays,
      atLeast,
    };
  });
  return [...within, ...days];
}

/** Every group of the table by name, so that a run can take one of them. */
export const GROUPS = {
  between: betweenRows,
  after: afterRows,
  ec: ecRows,
  lookBack: lookBackRows,
  due: dueRows,
} as const;

/** Whether a row holds, with so much room for chance. */
export function holds({ reached, atLeast, atMost }: Row, room = 0): boolean {
  return !(reached < (atLeast ?? -Infinity) - room) && !(reached > (atMost ?? Infinity) + room);
}
