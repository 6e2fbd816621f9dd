import type { Product } from '../../chemistry';
import { courseOf, type Course } from './grower';
import type { Habit } from './hiddenTank';

/** Products as growers have them. */
const PRODUCTS = {
  nitric: {
    reagent: 'nitric',
    strength: { kind: 'percentByMass', percent: 38, densityGPerMl: 1.235 },
  },
  phosphoric: {
    reagent: 'phosphoric',
    strength: { kind: 'percentByMass', percent: 75, densityGPerMl: 1.579 },
  },
  sulfuric: {
    reagent: 'sulfuric',
    strength: { kind: 'percentByMass', percent: 38, densityGPerMl: 1.29 },
  },
  citric: {
    reagent: 'citric',
    strength: { kind: 'percentByMass', percent: 50, densityGPerMl: 1.24 },
  },
  koh: { reagent: 'koh', strength: { kind: 'percentByMass', percent: 45, densityGPerMl: 1.45 } },
  k2co3: {
    reagent: 'k2co3',
    strength: { kind: 'percentByMass', percent: 40, densityGPerMl: 1.41 },
  },
  khco3: { reagent: 'khco3', strength: { kind: 'dry' } },
} as const satisfies Readonly<Record<string, Product>>;

const HARD: Habit = {
  sourceMeqPerL: 4.3,
  state: 'fresh',
  feedMsPerCm: 1.4,
  feedTimes: 1,
  co2Times: 2,
  pairs: true,
  band: { low: 5.5, high: 6.2 },
  penStdU: 0.045,
  reportTimes: 1,
  product: PRODUCTS.nitric,
};
const SOFT: Habit = { ...HARD, sourceMeqPerL: 0.8 };
const USED: Habit = { ...HARD, state: 'inUse', band: { low: 5.5, high: 6.3 } };
const LOW: Habit = { ...USED, startPh: 5.15, band: { low: 5.6, high: 6.3 } };
const FED: Habit = { ...HARD, state: 'fed' };

/** A kind of tank and grower by its name. */
export const CELLS: Readonly<Record<string, Habit>> = {
  'hard, report right': HARD,
  'hard, 11 % high': { ...HARD, reportTimes: 1.11 },
  'hard, 11 % low': { ...HARD, reportTimes: 0.89 },
  'hard, 25 % high': { ...HARD, reportTimes: 1.25 },
  'hard, 20 % low': { ...HARD, reportTimes: 0.8 },
  'hard, 43 % high': { ...HARD, reportTimes: 1.43 },
  'hard, 43 % high, guessed': { ...HARD, reportTimes: 1.43, guessed: true },
  'hard, 43 % low': { ...HARD, reportTimes: 0.57 },
  'hard, 43 % low, guessed': { ...HARD, reportTimes: 0.57, guessed: true },
  'hard, no pairs': { ...HARD, pairs: false },
  'hard, phosphoric': { ...HARD, product: PRODUCTS.phosphoric, reportTimes: 1.25 },
  'hard, sulfuric': { ...HARD, product: PRODUCTS.sulfuric, reportTimes: 1.25 },
  'hard, citric': { ...HARD, product: PRODUCTS.citric },
  'hard, citric, 25 % high': { ...HARD, product: PRODUCTS.citric, reportTimes: 1.25 },
  'hard, pen of 0.03': { ...HARD, penStdU: 0.03, reportTimes: 1.25 },
  'hard, pen of 0.09': { ...HARD, penStdU: 0.09, reportTimes: 1.25 },
  'soft, report right': SOFT,
  'soft, 43 % high': { ...SOFT, reportTimes: 1.43, guessed: true },
  rain: { ...HARD, sourceMeqPerL: 0.15, band: { low: 5.2, high: 6 } },
  'fed, report right': FED,
  'fed, 25 % high': { ...FED, reportTimes: 1.25 },
  'fed, 43 % high': { ...FED, reportTimes: 1.43, guessed: true },
  'fed, feed a fifth': { ...FED, feedTimes: 0.2 },
  'fed, feed double': { ...FED, feedTimes: 2 },
  'fed, phosphoric': { ...FED, product: PRODUCTS.phosphoric },
  'in use, usual': USED,
  'in use, feed a fifth': { ...USED, feedTimes: 0.2 },
  'in use, feed a half': { ...USED, feedTimes: 0.5 },
  'in use, feed double': { ...USED, feedTimes: 2 },
  'in use, CO2 8 ×': { ...USED, co2Times: 8 },
  'in use, CO2 20 ×': { ...USED, co2Times: 20 },
  'in use, no pairs': { ...USED, pairs: false },
  'in use, phosphoric': { ...USED, product: PRODUCTS.phosphoric },
  'in use, citric': { ...USED, product: PRODUCTS.citric },
  'in use, strong feed': { ...USED, feedMsPerCm: 3 },
  'in use, pen of 0.09': { ...USED, penStdU: 0.09 },
  'in use, slow pump': { ...USED, turnoverMinutes: 40 },
  'low, hydroxide': { ...LOW, product: PRODUCTS.koh },
  'low, carbonate': { ...LOW, product: PRODUCTS.k2co3 },
  'low, bicarbonate': { ...LOW, product: PRODUCTS.khco3 },
  'low, feed a fifth, hydroxide': { ...LOW, product: PRODUCTS.koh, feedTimes: 0.2 },
  'booked fresh, never changed': { ...USED, bookedFresh: true },
  'topped up unbooked': { ...HARD, unbookedTopUp: 0.15 },
  'unknown strength, hard': { ...HARD, unknown: true },
  'unknown strength, in use': { ...USED, unknown: true },
  'unknown, phosphoric': { ...USED, product: PRODUCTS.phosphoric, unknown: true },
};

/** What a cell came to. */
export interface CellResult {
  readonly cell: string;
  readonly doses: number;
  /** Shares of doses. */
  readonly past: number;
  readonly pastCount: number;
  readonly belowCount: number;
  readonly overStep: number;
  readonly overStepCount: number;
  readonly heldInterval: number;
  readonly contradicted: number;
  /** Shares of tanks. */
  readonly inByPen: number;
  readonly near: number;
  readonly trulyIn: number;
  readonly medianDoses: number;
  readonly ninetyDoses: number;
  readonly lowestPh: number;
}

const quantile = (list: readonly number[], share: number) =>
  [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(share * list.length))] ?? 0;

/** Runs so many hidden tanks of a cell. */
export function runCell(
  cell: string,
  { tanks, seed }: { readonly tanks: number; readonly seed: number },
): CellResult {
  const habit = CELLS[cell]!;
  const courses: Course[] = [];
  for (let tank = 0; tank < tanks; tank += 1) courses.push(courseOf(habit, seed + 7919 * tank));
  const doses = courses.flatMap((course) => course.doses);
  const share = (list: readonly unknown[], count: number) =>
    list.length ? count / list.length : 0;
  const { band } = habit;
  const past = doses.filter(({ fromPh, toPh }) =>
    toPh < fromPh ? toPh < band.low - 0.1 : toPh > band.high + 0.1,
  ).length;
  const over = doses.filter(({ fromPh, toPh }) => Math.abs(toPh - fromPh) > 1).length;
  const counts = courses.map((course) => course.doses.length).filter((count) => count > 0);
  const ofTanks = (of: (course: Course) => boolean) => share(courses, courses.filter(of).length);
  return {
    cell,
    doses: doses.length,
    past: share(doses, past),
    pastCount: past,
    belowCount: doses.filter(({ toPh }) => toPh < 4.8).length,
    overStep: share(doses, over),
    overStepCount: over,
    heldInterval: share(doses, doses.filter((dose) => dose.heldInterval).length),
    contradicted: share(doses, doses.filter((dose) => dose.contradicted).length),
    inByPen: ofTanks((course) => course.inByPen),
    near: ofTanks((course) => course.near),
    trulyIn: ofTanks((course) => course.trulyIn),
    medianDoses: quantile(counts, 0.5),
    ninetyDoses: quantile(counts, 0.9),
    lowestPh: Math.min(9, ...doses.map(({ toPh }) => toPh)),
  };
}

/** What hidden tanks must come to: shares of all doses, and of any cell. */
export const TANK_LIMITS = {
  past: 0.0015,
  overStep: 0.0015,
  cell: { past: 0.01, heldInterval: 0.88, inByPen: 0.94, near: 0.95 },
} as const;

/** Whether a cell keeps its limits. */
export function withinLimits(result: CellResult): boolean {
  const { past, heldInterval, inByPen, near } = TANK_LIMITS.cell;
  return (
    result.past <= past &&
    result.heldInterval >= heldInterval &&
    result.inByPen >= inByPen &&
    result.near >= near
  );
}
