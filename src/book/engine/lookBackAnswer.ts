import type { FoundNow, LookBackAnswer, LookBackLine } from '@/book/answers';
import {
  rightShare,
  tankWater,
  USUAL_EC_MS_PER_CM,
  USUAL_TEMP_C,
  type MisledDose,
} from '@/core/dosing';
import { lookBack, type JudgedThen, type LookBackReading } from '@/core/look-back';
import type { JudgedValue } from '@/core/readings';
import { bandsOf } from '@/records/kinds';
import { READINGS_OF_SIDE } from './partsOfBook';
import type { BookState, LiveRecord } from './bookState';
import { additionsOf, dosesOn } from './additions';
import { CROP_PH } from './penSide';
import { sideTolerance } from './penTrack';
import { judgeSide, readingContext, type ReadingContext } from './readingRow';
import { JUST_BEFORE_MS, sideTrack, type Judge, type SideTrack } from './sideTrack';
import { waterEvents } from './waterEvents';
import type { PenId } from '@/records';

interface Asked {
  readonly penId: PenId;
  readonly quantity: 'ph' | 'ec';
  /** The check that looks back; the newest with an as-found reading where absent. */
  readonly checkMs?: number | undefined;
  /** A check under way that looks back, before it is in the book. */
  readonly found?: FoundNow | undefined;
}

const then = ({ value, budget, verdict }: JudgedValue): JudgedThen => ({
  value,
  expandedU: budget.expandedU,
  verdict,
});

/** Readings of one pen's side between two moments. */
function readingsBetween(
  book: BookState,
  { penId, quantity }: Asked,
  [fromMs, toMs]: readonly [number, number],
): readonly LiveRecord<'reading'>[] {
  return book.partSince(READINGS_OF_SIDE, `${quantity}/${penId}`, fromMs).filter(({ body }) => {
    const atMs = Date.parse(body.takenAt);
    return atMs > fromMs && atMs <= toMs;
  });
}

/** How much of the acid or base poured on a reading the tank asked for in truth, by the chemistry of that day. */
function rightShareOf(
  book: BookState,
  reading: LiveRecord<'reading'>,
  context: ReadingContext,
  misled: MisledDose,
): number | undefined {
  const { tankId, tempC = USUAL_TEMP_C } = reading.body;
  const ecMsPerCm =
    judgeSide(book, reading, { quantity: 'ec', context })?.value ?? USUAL_EC_MS_PER_CM;
  const water = tankWater(waterEvents(additionsOf(book, tankId)), context.atMs);
  return rightShare({ ecMsPerCm, tempC, water }, misled);
}

/** How a reading is judged now, and how it was before the check that looks back. */
interface Judges {
  readonly quantity: 'ph' | 'ec';
  readonly asNow: Judge;
  readonly asThen: Judge;
}

/** One reading as it was seen then and as it is now. */
function compare(
  book: BookState,
  reading: LiveRecord<'reading'>,
  { quantity, asNow, asThen }: Judges,
): (LookBackReading & LookBackLine) | undefined {
  const context = readingContext(book, reading);
  if (!context) return undefined;
  const { atMs, tankName, tank } = context;
  const { ph: phBand, ec: ecBand } = bandsOf(tank, reading.body.sampleKind);
  const band = quantity === 'ph' ? phBand : ecBand;
  const known = asNow(reading, context);
  const kept = reading.body[quantity]?.shownThen;
  const judgedThen = kept ? undefined : asThen(reading, context);
  const seen = kept ?? (judgedThen && then(judgedThen));
  if (!known || !seen) return undefined;
  const doses = dosesOn(book, reading.id, quantity);
  // Where nothing says what to aim at, nothing was aimed at: the aim is what it was.
  const aim = doses[0]?.body.aimPh ?? (band ? (band.low + band.high) / 2 : known.value);
  const misled = { shownPh: seen.value, truePh: known.value, aimPh: aim };
  return {
    id: reading.id,
    atMs,
    then: { value: seen.value, expandedU: seen.expandedU, verdict: seen.verdict },
    now: then(known),
    aim,
    dosed: doses.length > 0,
    rightShare:
      quantity === 'ph' && doses.length > 0
        ? rightShareOf(book, reading, context, misled)
        : undefined,
    doses: doses.map(({ body }) => body),
    tankId: reading.body.tankId,
    tankName,
    band,
    shown: reading.body[quantity]?.shown ?? 0,
  };
}

/** Steps of the curve besides its readings. */
const CURVE_STEPS = 20;

/** Beyond so many readings the curve is drawn by its steps alone. */
const MANY_READINGS = 400;

/** The pen's error between two moments: at even steps, and at each reading. */
function curveOf(
  side: SideTrack,
  readings: readonly { readonly atMs: number }[],
  [fromMs, toMs]: readonly [number, number],
) {
  const steps = Array.from(
    { length: CURVE_STEPS + 1 },
    (_, step) => fromMs + ((toMs - fromMs) * step) / CURVE_STEPS,
  );
  const read = readings.length > MANY_READINGS ? [] : readings.map(({ atMs }) => atMs);
  const moments = [...new Set([...steps, ...read.filter((atMs) => atMs < toMs)])];
  return moments.sort((a, b) => a - b).map(side.pointAt);
}

/**
 * What a check found out about the readings since the one before (or since the pen was first used):
 * each as it was seen then (as kept
 * with the reading, else by what was known then) beside what it is worth now.
 */
export function lookBackAnswer(book: BookState, asked: Asked): LookBackAnswer | null {
  const pen = book.record('pen', asked.penId);
  if (!pen) return null;
  const { quantity, penId, found } = asked;
  const checkMs = found?.atMs ?? asked.checkMs;
  const side = sideTrack(book, penId, { quantity, found });
  if (!side) return null;
  const { checks } = side;
  const index = checks.findLastIndex(({ atMs }) => checkMs === undefined || atMs === checkMs);
  const check = checks[index];
  if (!check) return null;
  const fromMs = checks[index - 1]?.atMs ?? side.beganMs;
  if (fromMs >= check.atMs) return null;
  const judges = { quantity, asNow: side.judgeNow, asThen: side.judgeThen };
  const lines = readingsBetween(book, asked, [fromMs, check.atMs]).flatMap(
    (reading) => compare(book, reading, judges) ?? [],
  );
  const byId = new Map(lines.map((line) => [line.id, line]));
  const result = lookBack(lines);
  return {
    penId,
    penCode: pen.body.code,
    quantity,
    fromMs,
    toMs: check.atMs,
    errorFrom: side.errorAt(fromMs),
    errorTo: side.errorAt(check.atMs - JUST_BEFORE_MS),
    tolerance: sideTolerance(pen, quantity),
    curve: curveOf(side, lines, [fromMs, check.atMs - JUST_BEFORE_MS]),
    isFirst: index === 0,
    atPh: quantity === 'ph' ? CROP_PH : undefined,
    afterCleaning: check.afterCleaning,
    rows: result.rows.map((row) => ({ ...row, ...byId.get(row.id)! })),
    turnedCount: result.turnedCount,
    wrongDoseCount: result.wrongDoseCount,
    worstError: result.worst?.error,
  };
}
