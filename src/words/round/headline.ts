import type { RoundAnswer, RoundStop, TankAnswer } from '@/book/answers';
import type { Verdict } from '@/core/verdict';
import { counted, VERDICT_WORD } from '@/words';

/** Joins names as people do: "A", "A and B", "A, B and C". */
export function listed(names: readonly string[]): string {
  if (names.length <= 1) return names[0] ?? '';
  return `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;
}

type StopOf<Kind extends RoundStop['kind']> = Extract<RoundStop, { readonly kind: Kind }>;

/** A stop that is neither done nor passed by. */
export const isOpen = ({ done, skipped }: RoundStop): boolean => !done && skipped === undefined;

/** The stops of a kind that are still to be done. */
const openOf = <Kind extends RoundStop['kind']>(round: RoundAnswer, kind: Kind) =>
  round.stops.filter((stop): stop is StopOf<Kind> => stop.kind === kind && isOpen(stop));

const FIRM: readonly Verdict[] = ['low', 'high'];
const PROBABLE: readonly Verdict[] = ['probablyLow', 'probablyHigh'];

/** What of a tank's newest reading is out of its band: "pH high, EC low"; empty where nothing is. */
function offWords({ latest }: TankAnswer, words: readonly Verdict[]): string {
  const sides = [
    ['pH', latest?.ph?.judged],
    ['EC', latest?.ec?.judged],
  ] as const;
  return sides
    .flatMap(([quantity, judged]) =>
      judged && words.includes(judged.verdict)
        ? [`${quantity} ${VERDICT_WORD[judged.verdict]}`]
        : [],
    )
    .join(', ');
}

/** At most so many names stand in the headline. */
const MOST_NAMES = 2;

/** Which tanks were read out of their band and not corrected, as a clause; empty where none is. */
function tanksClause(round: RoundAnswer, sureness: 'firm' | 'probable'): string {
  const words = sureness === 'firm' ? FIRM : PROBABLE;
  const off = [...openOf(round, 'correct'), ...openOf(round, 'tank')].flatMap(({ tank }) => {
    const how = offWords(tank, words);
    return how ? [{ name: tank.body.name, how }] : [];
  });
  const [first] = off;
  if (!first) return '';
  if (off.length === 1) return `${first.name}: ${first.how}`;
  const names = off.map(({ name }) => name);
  const more = off.length > MOST_NAMES ? ` and ${off.length - MOST_NAMES} more` : '';
  const who = more ? names.slice(0, MOST_NAMES).join(', ') : listed(names);
  return `${who}${more} are ${sureness === 'firm' ? '' : 'probably '}out of band`;
}

/** Which pens cannot be relied on: a clause, and what to do, each naming the pens. */
function pensClause(round: RoundAnswer): { text: string; act: string } | undefined {
  const says = {
    cantBeTrusted: () => 'can’t be trusted',
    unverified: (one: boolean) => `${one ? 'was' : 'were'} never checked`,
  } as const;
  for (const word of ['cantBeTrusted', 'unverified'] as const) {
    const codes = openOf(round, 'pen').flatMap(({ pen }) =>
      pen.word === word ? [pen.body.code] : [],
    );
    const one = codes.length === 1;
    if (codes.length > 0)
      return {
        text: `${one ? 'pen' : 'pens'} ${listed(codes)} ${says[word](one)}`,
        act: `Check ${listed(codes)} first.`,
      };
  }
  return undefined;
}

/** Which tanks were dosed and wait to be read again; empty where none does. */
function rereadsSentence(round: RoundAnswer): string {
  const names = openOf(round, 'reread').map(({ tank }) => tank.body.name);
  if (names.length === 0) return '';
  return `${listed(names)} ${names.length === 1 ? 'was dosed and waits' : 'were dosed and wait'} to be read again.`;
}

/** Which checks are due, the overdue ones first; those of pens that say more are told there. */
function checksSentence(round: RoundAnswer): string {
  const due = openOf(round, 'pen').filter(({ pen }) => pen.word === 'checkDue');
  const late = due.filter(({ overdueDays }) => overdueDays > 0);
  const [first] = late;
  if (first && late.length === 1)
    return `The check of ${first.pen.body.code} is ${counted(first.overdueDays, 'day')} overdue.`;
  if (late.length > 1)
    return `The checks of ${listed(late.map(({ pen }) => pen.body.code))} are overdue.`;
  const codes = due.map(({ pen }) => pen.body.code);
  if (codes.length === 0) return '';
  return codes.length === 1
    ? `${codes[0]} is due for its check.`
    : `${listed(codes)} are due for their checks.`;
}

/** Which tanks were not read when they should have been; empty where none was missed. */
function missedSentence(round: RoundAnswer): string {
  const missed = openOf(round, 'tank').filter(({ missedDays }) => missedDays > 0);
  const [first] = missed;
  if (!first) return '';
  if (missed.length > 1) return `${counted(missed.length, 'tank')} were not read in time.`;
  const days = counted(first.missedDays, 'day');
  return `${first.tank.body.name} should have been read ${days} ago.`;
}

/** What stops are called that are neither a check nor a tank, counted together. */
function otherSentence(round: RoundAnswer): string {
  const care = openOf(round, 'care');
  const shelf = [...openOf(round, 'lot'), ...openOf(round, 'supply')];
  const [first] = care;
  if (first && care.length === 1) return `${first.pen.body.code} is due for care.`;
  if (care.length > 1)
    return `${listed([...new Set(care.map(({ pen }) => pen.body.code))])} are due for care.`;
  if (shelf.length > 0) return 'Something is to be bought or thrown away.';
  return openOf(round, 'copy').length > 0 ? 'A copy of the book is to be saved.' : '';
}

const capital = (text: string) => `${text[0]?.toUpperCase() ?? ''}${text.slice(1)}`;

/**
 * The line that sums up the day, from the stops alone: what is wrong first and what to do about it,
 * then what is late, then what is due. "All done" only when no stop is left.
 */
export function roundHeadline(round: RoundAnswer): string {
  const pens = pensClause(round);
  // A pen that can't be relied on says more than a tank that is only probably off.
  const tanks = tanksClause(round, 'firm') || (pens ? '' : tanksClause(round, 'probable'));
  const checks = checksSentence(round);
  if (pens && tanks) return `${tanks}, and ${pens.text}. ${pens.act}`;
  if (pens) return `${capital(pens.text)}. ${pens.act}`;
  if (tanks) return [`${tanks}.`, checks].filter(Boolean).join(' ');
  const rereads = rereadsSentence(round);
  if (rereads) return [rereads, checks].filter(Boolean).join(' ');
  const late = missedSentence(round);
  if (checks || late) return [checks, late].filter(Boolean).join(' ');
  const open = round.stops.filter(isOpen);
  if (open.length === 0) return doneSentence(round);
  const toRead = openOf(round, 'tank').length;
  const other = otherSentence(round);
  if (toRead > 0)
    return [`Nothing looks wrong so far. ${counted(toRead, 'tank')} to read.`, other]
      .filter(Boolean)
      .join(' ');
  return other || 'Only waiting is left.';
}

/** Nothing is left: all was done, or some of it passed by. */
function doneSentence({ stops }: RoundAnswer): string {
  const passed = stops.filter(({ done, skipped }) => !done && skipped).length;
  return passed === 0
    ? 'All done for today.'
    : `Done for today, ${counted(passed, 'stop')} passed by.`;
}

/** How far the walk has come. */
export function roundProgress({ stops }: RoundAnswer): string {
  const done = stops.filter((stop) => stop.done).length;
  const passed = stops.filter((stop) => !stop.done && stop.skipped).length;
  const told = `${done} of ${counted(stops.length, 'stop')} done`;
  return passed === 0 ? told : `${told}, ${passed} passed by`;
}
