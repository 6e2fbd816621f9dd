import type { LookBackAnswer, LookBackLine } from '@/book/answers';
import {
  rightShare,
  tankWater,
  USUAL_EC_MS_PER_CM,
  USUAL_TEMP_C,
  type MisledDose,
} from '@/core/dosing';
import { ecPenStateAt, makeEcTrack, makePhTrack, phPenStateAt } from '@/core/drift';
import { lookBack, type JudgedThen, type LookBackReading } from '@/core/look-back';
import type { JudgedValue } from '@/core/readings';
import { phErrorAt, toleranceOf } from '@/core/calibration';
import type { RecordId } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { additionsOf, dosesOn } from './additions';
import { CROP_PH } from './penSides';
import { ecTrackOf, phTrackOf } from './penTrack';
import { judgeEc, judgePh, readingContext, type ReadingContext } from './readingRow';
import { waterEvents } from './waterEvents';

interface Asked {
  readonly penId: RecordId;
  readonly quantity: 'ph' | 'ec';
  /** The check that looks back; the newest with an as-found reading where absent. */
  readonly checkMs?: number | undefined;
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
  return book.all('reading').filter(({ body }) => {
    if (body[quantity]?.penId !== penId) return false;
    const atMs = Date.parse(body.takenAt);
    return atMs > fromMs && atMs <= toMs;
  });
}

type AsThen = (reading: LiveRecord<'reading'>, context: ReadingContext) => JudgedValue | undefined;

/** Judges by the checks known before the one that looks back. */
function judgeAsThen(book: BookState, { penId, quantity }: Asked, beforeIndex: number): AsThen {
  if (quantity === 'ph') {
    const track = makePhTrack(phTrackOf(book, penId).checks.slice(0, beforeIndex));
    return (reading, context) => judgePh(book, reading, context, phPenStateAt(track, context.atMs));
  }
  const track = makeEcTrack(ecTrackOf(book, penId).checks.slice(0, beforeIndex));
  return (reading, context) => judgeEc(book, reading, context, ecPenStateAt(track, context.atMs));
}

/** How much of the acid or base poured on a reading the tank asked for in truth, by the chemistry of that day. */
function rightShareOf(
  book: BookState,
  reading: LiveRecord<'reading'>,
  context: ReadingContext,
  misled: MisledDose,
): number | undefined {
  const { tankId, tempC = USUAL_TEMP_C } = reading.body;
  const ecMsPerCm = judgeEc(book, reading, context)?.value ?? USUAL_EC_MS_PER_CM;
  const water = tankWater(waterEvents(additionsOf(book, tankId)), context.atMs);
  return rightShare({ ecMsPerCm, tempC, water }, misled);
}

/** One reading as it was seen then and as it is now. */
function compare(
  book: BookState,
  reading: LiveRecord<'reading'>,
  { quantity, asThen }: { readonly quantity: 'ph' | 'ec'; readonly asThen: AsThen },
): (LookBackReading & LookBackLine) | undefined {
  const context = readingContext(book, reading);
  if (!context) return undefined;
  const { atMs, tankName, tank } = context;
  const band = quantity === 'ph' ? tank.phBand : tank.ecBand;
  const asNow =
    quantity === 'ph' ? judgePh(book, reading, context) : judgeEc(book, reading, context);
  const kept = reading.body[quantity]?.shownThen;
  const judgedThen = kept ? undefined : asThen(reading, context);
  const seen = kept ?? (judgedThen && then(judgedThen));
  if (!asNow || !seen) return undefined;
  const doses = dosesOn(book, reading.id, quantity);
  const aim = doses[0]?.body.aimPh ?? (band.low + band.high) / 2;
  const misled = { shownPh: seen.value, truePh: asNow.value, aimPh: aim };
  return {
    id: reading.id,
    atMs,
    then: { value: seen.value, expandedU: seen.expandedU, verdict: seen.verdict },
    now: then(asNow),
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

/**
 * What a check found out about the readings since the one before: each as it was seen then (as kept
 * with the reading, else by what was known then) beside what it is worth now.
 */
export function lookBackAnswer(book: BookState, asked: Asked): LookBackAnswer | null {
  const pen = book.record('pen', asked.penId);
  if (!pen) return null;
  const { quantity, penId, checkMs } = asked;
  const ph = quantity === 'ph';
  const checks = ph ? phTrackOf(book, penId).checks : ecTrackOf(book, penId).checks;
  const index = checks.findLastIndex(
    (check) => check.found !== undefined && (checkMs === undefined || check.atMs === checkMs),
  );
  const check = checks[index];
  const before = checks[index - 1];
  if (!check?.found || !before) return null;
  const errorOf = (at: number, part: 'found' | 'left') => {
    if (!ph) return (ecTrackOf(book, penId).checks[at]?.[part]?.gain ?? 1) - 1;
    const map = phTrackOf(book, penId).checks[at]?.[part]?.map;
    return map ? phErrorAt(CROP_PH, map) : 0;
  };
  const asThen = judgeAsThen(book, asked, index);
  const lines = readingsBetween(book, asked, [before.atMs, check.atMs]).flatMap(
    (reading) => compare(book, reading, { quantity, asThen }) ?? [],
  );
  const byId = new Map(lines.map((line) => [line.id, line]));
  const result = lookBack(lines);
  return {
    penId,
    penCode: pen.body.code,
    quantity,
    fromMs: before.atMs,
    toMs: check.atMs,
    errorFrom: errorOf(index - 1, 'left'),
    errorTo: errorOf(index, 'found'),
    tolerance: toleranceOf(quantity, pen.body.tolerancePolicy),
    atPh: ph ? CROP_PH : undefined,
    afterCleaning: check.afterCleaning === true,
    rows: result.rows.map((row) => ({ ...row, ...byId.get(row.id)! })),
    turnedCount: result.turnedCount,
    wrongDoseCount: result.wrongDoseCount,
    worstError: result.worst?.error,
  };
}
