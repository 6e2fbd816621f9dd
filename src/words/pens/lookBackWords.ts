import type { LookBackAnswer } from '@/book/answers';
import {
  counted,
  additionLine,
  dayMonth,
  shortDay,
  VERDICT_TONE,
  VERDICT_WORD,
  type Formats,
} from '@/words';
import { writeError } from './driftWords';

const NUMBERS = [
  'No',
  'One',
  'Two',
  'Three',
  'Four',
  'Five',
  'Six',
  'Seven',
  'Eight',
  'Nine',
  'Ten',
  'Eleven',
  'Twelve',
];
const count = (n: number) => NUMBERS[n] ?? String(n);

/** What the look-back found, as its heading. */
export function lookBackHeadline(answer: LookBackAnswer, formats: Formats): string {
  const { penCode, quantity, errorTo, turnedCount, wrongDoseCount, rows } = answer;
  const size =
    quantity === 'ph'
      ? `${formats.number(Math.abs(errorTo), 2)} pH`
      : `${formats.number(100 * Math.abs(errorTo), 1)} %`;
  const read = `${penCode} read ${size} ${errorTo < 0 ? 'low' : 'high'}.`;
  if (rows.length === 0) return `${read} No reading lies between the two checks.`;
  if (turnedCount === 0 && wrongDoseCount === 0) return `${read} No verdict changes.`;
  const readings =
    turnedCount === 0
      ? ''
      : `${count(turnedCount)} ${turnedCount === 1 ? 'reading changes' : 'readings change'}`;
  const doses =
    wrongDoseCount === 0
      ? ''
      : `${count(wrongDoseCount)} ${wrongDoseCount === 1 ? 'dose was' : 'doses were'} made on a wrong number`;
  const joined = [readings, readings ? doses.toLowerCase() : doses].filter(Boolean).join(', ');
  return `${read} ${joined}.`;
}

/** Between which two checks it moved, and what that did to the readings. */
export function lookBackStory(answer: LookBackAnswer, formats: Formats): string {
  const { fromMs, toMs, errorFrom, errorTo, atPh, quantity, rows, afterCleaning, isFirst } = answer;
  const where = atPh === undefined ? '' : `, at pH ${formats.number(atPh, 0)}`;
  const moved = isFirst
    ? `Its first check, on ${shortDay(toMs)}, found it ${writeError(errorTo, quantity, formats)} off${where}. Before, only the maker’s accuracy was known.`
    : `Between ${shortDay(fromMs)} and ${shortDay(toMs)} it moved from ${writeError(errorFrom, quantity, formats)} to ${writeError(errorTo, quantity, formats)}${where}.`;
  const between =
    rows.length === 1
      ? ' One reading lies between; it is corrected for its day.'
      : ` All ${counted(rows.length, 'reading')} between are corrected for their day.`;
  const bound = afterCleaning
    ? ' The pen was cleaned before this check, so the readings suffered at least this much.'
    : '';
  return moved + (rows.length > 0 ? between : '') + bound;
}

/** What was poured on a reading, and what would have been right. */
function doseWords(
  { doses, rightDose, doseWrong }: LookBackAnswer['rows'][number],
  formats: Formats,
): string {
  const poured = doses.map((dose) => additionLine(dose, formats)).join(' and ');
  if (poured === '') return '';
  if (!doseWrong || !rightDose) return `${poured} poured`;
  switch (rightDose.kind) {
    case 'nothing':
      return `${poured} poured; nothing was needed`;
    case 'otherWay':
      return `${poured} poured; the other way was needed`;
    case 'unknown':
      return `${poured} poured; what was needed can’t be told`;
    case 'share': {
      const amount = (dose: (typeof doses)[number]) => {
        if (dose.doseMl !== undefined) return formats.doseMl(rightDose.share * dose.doseMl);
        return `${formats.number(100 * rightDose.share, 0)} % of it`;
      };
      return `${poured} poured; right would have been ${doses.map(amount).join(' and ')}`;
    }
  }
}

/** One line of the look-back. */
export function lookBackLine(
  row: LookBackAnswer['rows'][number],
  answer: LookBackAnswer,
  formats: Formats,
) {
  const ph = answer.quantity === 'ph';
  const write = (value: number) => (ph ? formats.ph(value) : formats.ec(value));
  return {
    id: row.id,
    day: dayMonth(row.atMs),
    tank: row.tankName,
    then: write(row.then.value),
    now: write(row.now.value),
    unit: ph ? 'pH' : formats.ecUnit,
    word: VERDICT_WORD[row.now.verdict],
    wordThen: VERDICT_WORD[row.then.verdict],
    tone: VERDICT_TONE[row.now.verdict],
    dose: doseWords(row, formats),
  };
}

type LookBackRow = LookBackAnswer['rows'][number];

/**
 * What a look-back found in the order it is read: what was poured on a wrong number, what else turned,
 * and what keeps its verdict; within each the newest first, as the answer has them.
 */
export function lookBackOrder(rows: readonly LookBackRow[]): {
  readonly doses: readonly LookBackRow[];
  readonly turned: readonly LookBackRow[];
  readonly kept: readonly LookBackRow[];
} {
  return {
    doses: rows.filter((row) => row.doseWrong),
    turned: rows.filter((row) => row.turned && !row.doseWrong),
    kept: rows.filter((row) => !row.turned && !row.doseWrong),
  };
}
