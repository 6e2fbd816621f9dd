import type { ComparisonRow } from '@/book/answers';
import { stateAt } from '@/core/drift';
import { comparePens, compareThermometers, type BareReading, type Compared } from '@/core/readings';
import { FEED_ALPHA_PER_C } from '@/core/conductivity';
import type { Pen, PenId } from '@/records';
import type { Comparison } from '@/records/kinds';
import type { BookState } from './bookState';
import { repeatStdUOf, trackOf } from './penTrack';

/** What a pen showed, as the core takes it; undefined where it has no such side. */
function bare(
  { ph, ec }: Pen,
  { shown, tempC, what }: Pick<Comparison, 'shown' | 'tempC' | 'what'>,
  repeatStdU: number,
): BareReading | undefined {
  const common = { shown, tempC, repeatStdU };
  if (what === 'ph') return ph ? { quantity: 'ph', pen: ph, ...common } : undefined;
  return ec ? { quantity: 'ec', pen: ec, feedAlphaPerC: FEED_ALPHA_PER_C, ...common } : undefined;
}

/** What a comparison tells; undefined where the reference was not to be trusted then. */
function resultOf(book: BookState, body: Comparison, atMs: number): Compared | undefined {
  const { against, what, shown, tempC } = body;
  if (against.by === 'meltingIce') return compareThermometers(shown, 'meltingIce');
  if (against.by === 'thermometer') return compareThermometers(shown, against.shownC);
  const [pen, other] = [book.record('pen', body.penId), book.record('pen', against.penId)];
  if (what === 'temp' || !pen || !other) return undefined;
  const track = trackOf(book, other.id, what);
  const own = bare(pen.body, body, repeatStdUOf(book, pen.id, what));
  const reference = bare(
    other.body,
    { what, tempC, shown: against.shown },
    repeatStdUOf(book, other.id, what),
  );
  if (!track || !own || !reference) return undefined;
  const compared = comparePens(own, { ...reference, state: stateAt(track, atMs) });
  return compared.ok ? compared.value : undefined;
}

/** A pen's comparisons, newest first. */
export function comparisonsOf(book: BookState, penId: PenId): readonly ComparisonRow[] {
  return book
    .all('comparison')
    .filter(({ body }) => body.penId === penId)
    .map(({ id, head, body }) => {
      const atMs = Date.parse(body.at);
      const { against } = body;
      const otherCode =
        against.by === 'pen' ? (book.record('pen', against.penId)?.body.code ?? '?') : undefined;
      const result = resultOf(book, body, atMs);
      return { id, revId: head.revId, body, atMs, by: head.by, otherCode, result };
    })
    .sort((a, b) => b.atMs - a.atMs);
}
