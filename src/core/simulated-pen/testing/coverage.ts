import { DAY_MS } from '../../units';
import { stateAsToldThen, stateAt, type PenState, type PenTrack } from '../../drift';
import { assessQuick, judgedVerdict, type QuickAssessed } from '../../readings';
import { seededRandom, type Random } from '../../statistics';
import type { Band, Verdict } from '../../verdict';
import { PhGrower, type PhHabit, type ReadPh } from './phGrower';

/** How a cell of the table fared. */
export interface Tally {
  readonly readings: number;
  /** Share of truths inside ±U. */
  readonly held: number;
  readonly meanError: number;
  readonly meanU: number;
  /** Share of firm verdicts that are false, of all readings. */
  readonly firmFalse: number;
  /** Share of probable verdicts on a side that are right; NaN where there was none. */
  readonly probablyRight: number;
}

/** One reading judged against its truth. */
interface Judged {
  readonly error: number;
  readonly expandedU: number;
  readonly verdict: Verdict;
  readonly side: 'low' | 'in' | 'high';
}

const BAND: Band = { low: 5.7, high: 6.3 };

const sideOf = (value: number, { low, high }: Band) =>
  value < low ? 'low' : value > high ? 'high' : 'in';

const SAYS: Partial<Record<Verdict, 'low' | 'in' | 'high'>> = {
  low: 'low',
  in: 'in',
  high: 'high',
};
const LIKELY: Partial<Record<Verdict, 'low' | 'in' | 'high'>> = {
  probablyLow: 'low',
  probablyIn: 'in',
  probablyHigh: 'high',
};

/** Sums up a cell. */
function tallyOf(list: readonly Judged[]): Tally {
  const share = (of: (one: Judged) => boolean, among = list) =>
    among.filter(of).length / among.length;
  const mean = (of: (one: Judged) => number) =>
    list.reduce((sum, one) => sum + of(one), 0) / list.length;
  const probable = list.filter(({ verdict }) => LIKELY[verdict] !== undefined);
  return {
    readings: list.length,
    held: share(({ error, expandedU }) => Math.abs(error) <= expandedU),
    meanError: mean(({ error }) => error),
    meanU: mean(({ expandedU }) => expandedU),
    firmFalse: share(({ verdict, side }) => SAYS[verdict] !== undefined && SAYS[verdict] !== side),
    probablyRight: share(({ verdict, side }) => LIKELY[verdict] === side, probable),
  };
}

/** What a reading is worth in a state. */
function assessed(grower: PhGrower, reading: ReadPh, state: PenState): QuickAssessed {
  const { shown, tempC } = reading;
  const result = assessQuick({ quantity: 'ph', shown, tempC, pen: grower.pen, state });
  if (!result.ok) throw new RangeError('a pH is never refused');
  return result.value;
}

function judge(grower: PhGrower, reading: ReadPh, state: PenState): Judged {
  const worth = assessed(grower, reading, state);
  return {
    error: worth.value - reading.truePh,
    expandedU: worth.expandedU,
    verdict: judgedVerdict(worth, BAND),
    side: sideOf(reading.truePh, BAND),
  };
}

const seeded = (seed: number, at: number) => seed * 100_003 + at * 7919;

/** Readings between checks, known from both sides. */
export function between(habit: PhHabit, { pens, seed }: { pens: number; seed: number }) {
  const list: Judged[] = [];
  for (let pen = 0; pen < pens; pen += 1) {
    const grower = new PhGrower(habit, seeded(seed, pen));
    const when = seededRandom(seeded(seed, pen) + 1);
    for (let number = 0; number < habit.checks; number += 1) {
      grower.check(number * habit.everyDays, number);
      if (number >= habit.checks - 3 && number < habit.checks - 1)
        grower.read((number + 0.02 + 0.96 * when()) * habit.everyDays);
    }
    const track = grower.track();
    for (const reading of grower.readings)
      list.push(judge(grower, reading, stateAt(track, reading.day * DAY_MS)));
  }
  return tallyOf(list);
}

/** One reading some days after the newest of so many checks. */
export function after(
  habit: PhHabit,
  days: readonly [number, number],
  { pens, seed }: { pens: number; seed: number },
) {
  const list: Judged[] = [];
  for (let pen = 0; pen < pens; pen += 1) {
    const grower = new PhGrower(habit, seeded(seed, pen));
    const when: Random = seededRandom(seeded(seed, pen) + 1);
    for (let number = 0; number < habit.checks; number += 1)
      grower.check(number * habit.everyDays, number);
    const last = (habit.checks - 1) * habit.everyDays;
    const reading = grower.read(last + days[0] + (days[1] - days[0]) * when());
    list.push(judge(grower, reading, stateAt(grower.track(), reading.day * DAY_MS)));
  }
  return tallyOf(list);
}

/** How a look-back fares: verdicts that turned, true now; false ones that ought to have turned. */
export interface LookedBack {
  /** Of the verdicts that turned, those right now. */
  readonly turnedTrue: number;
  /** Of those false then by more than 0.05 pH, the ones that turned. */
  readonly falseTurned: number;
  readonly turned: number;
}

/** The look-back of the newest check over the stretch before it, by the verdicts told. */
export function lookedBack(
  habit: PhHabit,
  { pens, seed }: { pens: number; seed: number },
): LookedBack {
  let [turned, right, wrong, wrongTurned] = [0, 0, 0, 0];
  for (let pen = 0; pen < pens; pen += 1) {
    const grower = new PhGrower(habit, seeded(seed, pen));
    const when = seededRandom(seeded(seed, pen) + 1);
    for (let number = 0; number < habit.checks; number += 1) {
      grower.check(number * habit.everyDays, number);
      if (number === habit.checks - 2)
        for (const third of [0, 1, 2])
          grower.read((number + (third + when()) / 3) * habit.everyDays);
    }
    const track = grower.track();
    for (const reading of grower.readings) {
      const sayOf = (state: PenState) => {
        const verdict = judgedVerdict(assessed(grower, reading, state), BAND);
        return SAYS[verdict] ?? LIKELY[verdict];
      };
      const atMs = reading.day * DAY_MS;
      const then = sayOf(stateAsToldThen(track, atMs));
      const now = sayOf(stateAt(track, atMs));
      const truth = sideOf(reading.truePh, BAND);
      const didTurn = then !== undefined && now !== undefined && then !== now;
      if (didTurn) {
        turned += 1;
        if (now === truth) right += 1;
      }
      const edge = Math.min(
        Math.abs(reading.truePh - BAND.low),
        Math.abs(reading.truePh - BAND.high),
      );
      if (then !== undefined && then !== truth && edge > 0.05) {
        wrong += 1;
        if (now !== then) wrongTurned += 1;
      }
    }
  }
  return { turnedTrue: right / turned, falseTurned: wrongTurned / wrong, turned };
}

/** Whether pens are within ±`tolerance` on the day they are due, and how far off that day is. */
export function onDueDay(
  habit: PhHabit,
  dueMs: (track: PenTrack) => number | undefined,
  { pens, seed, tolerance }: { pens: number; seed: number; tolerance: number },
): { readonly within: number; readonly medianDays: number } {
  const days: number[] = [];
  let within = 0;
  for (let pen = 0; pen < pens; pen += 1) {
    const grower = new PhGrower(habit, seeded(seed, pen));
    for (let number = 0; number < habit.checks; number += 1)
      grower.check(number * habit.everyDays, number);
    const due = dueMs(grower.track());
    if (due === undefined) continue;
    const day = due / DAY_MS;
    days.push(day - (habit.checks - 1) * habit.everyDays);
    if (Math.abs(grower.errorAtCrop(day)) <= tolerance) within += 1;
  }
  days.sort((a, b) => a - b);
  return { within: within / days.length, medianDays: days[Math.floor(days.length / 2)] ?? NaN };
}
