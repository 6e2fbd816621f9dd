import type { Kind } from '@/records/kinds';
import { countEntries, countOfKind } from './kindWords';
import { clock, shortDay } from './when';

/** Part of a book that could not be read, or is gone, as its place in storage tells it. */
export interface BookPart {
  readonly count: number;
  readonly kind?: Kind | undefined;
  /** yyyymm */
  readonly month?: string | undefined;
}

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

/** A month as people say it: July 2026. */
function monthName(month: string): string {
  return `${MONTHS[Number(month.slice(4)) - 1] ?? month.slice(4)} ${month.slice(0, 4)}`;
}

/** Parts added up by kind and month: "500 readings of July 2026, 12 checks of May 2026". */
export function partsByMonth(parts: readonly BookPart[]): string {
  const sums = new Map<string, BookPart>();
  for (const { count, kind, month } of parts) {
    const name = `${kind ?? ''}/${month ?? ''}`;
    sums.set(name, { kind, month, count: count + (sums.get(name)?.count ?? 0) });
  }
  return [...sums.values()]
    .map(({ count, kind, month }) => {
      const what = kind ? countOfKind(count, kind) : countEntries(count);
      return month ? `${what} of ${monthName(month)}` : what;
    })
    .join(', ');
}

/** What is wrong with an open book, as far as sentences need it. */
export interface HealthFacts {
  readonly setAside: readonly BookPart[];
  readonly missing: readonly BookPart[];
  readonly listDamaged: boolean;
  readonly twoContents: number;
  readonly broughtBack: number;
  readonly readOnly: boolean;
  /** Pens and tanks by name. */
  readonly spoiled: readonly string[];
}

/** One sentence for each thing that is not as it should be, the gravest first. */
export function healthSentences(facts: HealthFacts): readonly string[] {
  const { setAside, missing, listDamaged, twoContents, broughtBack, readOnly, spoiled } = facts;
  const sentences: string[] = [];
  if (readOnly)
    sentences.push(
      'A newer Zolder wrote part of this book. Here it can be read and saved, not added to: load the new version.',
    );
  if (missing.length > 0)
    sentences.push(
      `${partsByMonth(missing)} are gone from this device’s storage. A saved file of the book brings them back.`,
    );
  const unread = readOnly ? [] : setAside;
  if (unread.length > 0)
    sentences.push(
      `Could not be read: ${partsByMonth(unread)}. Kept untouched; everything else works.`,
    );
  if (spoiled.length > 0)
    sentences.push(
      `The numbers of ${spoiled.join(', ')} could not be worked out. Their entries are safe; the rest works.`,
    );
  if (broughtBack > 0)
    sentences.push(
      `${countEntries(broughtBack)} of the last month had been lost and came back from the second copy on this device.`,
    );
  if (listDamaged)
    sentences.push(
      'The list of what this book holds was damaged and is made anew; until then a lost part could go unnoticed.',
    );
  if (twoContents > 0)
    sentences.push(
      `${countEntries(twoContents)} came with two different contents. The same one is shown on every device.`,
    );
  return sentences;
}

/** A day with its year, and the time. */
const fullMoment = (ms: number) => `${shortDay(ms, ms)} ${new Date(ms).getFullYear()} ${clock(ms)}`;

/** The clock of the device jumped: every entry bears the time it says. */
export function clockJumpSentence({
  byMs,
  fromMs,
  toMs,
}: {
  readonly byMs: number;
  readonly fromMs: number;
  readonly toMs: number;
}): string {
  const way = byMs > 0 ? 'jumped ahead' : 'went back';
  return `This device’s clock ${way}: it was ${fullMoment(fromMs)}, now it says ${fullMoment(toMs)}. Entries bear the time it says. Set it right in the device’s own settings if it is wrong.`;
}

/** Entries written later than now: which clock was wrong? */
export function aheadSentence({
  count,
  newestMs,
}: {
  readonly count: number;
  readonly newestMs: number;
}): string {
  return `${countEntries(count)} ${count === 1 ? 'is' : 'are'} dated later than now, up to ${fullMoment(newestMs)}. A clock was wrong. Until you say which, nothing is judged by ${count === 1 ? 'it' : 'them'}.`;
}
