import type { CupId } from '@/core/procedure';
import type { BroughtCheck, BroughtReading, TablePreview } from '@/book/answers';
import type { Reading } from '@/records/kinds';
import type { BookState, LiveRecord } from '../engine/bookState';
import { readingRow } from '../engine/readingRow';
import { spare } from '../engine/spare';
import type { Bringing } from './bring';

/** Rows of a preview. */
const SHOWN = 12;

/** A reading as if it were in the book, for what the record makes of it. */
const asIf = (body: Reading): LiveRecord<'reading'> =>
  ({
    id: 'made-0',
    revisions: [],
    head: { zone: 'UTC' },
    body,
  }) as unknown as LiveRecord<'reading'>;

function broughtReading(
  book: BookState,
  bringing: Bringing,
  { line, body }: Bringing['readings'][number],
): BroughtReading {
  const row = spare(
    book,
    '',
    () => readingRow(book, asIf(body)),
    () => undefined,
  );
  const tank = book.record('tank', body.tankId)?.body;
  const made = bringing.tanks.find(({ id }) => id === body.tankId)?.body;
  return {
    line,
    atMs: Date.parse(body.takenAt),
    place: (tank ?? made)?.name ?? '',
    ph: body.ph && { shown: body.ph.shown, judged: row?.ph?.judged },
    ec: body.ec && { shown: body.ec.shown, scale: body.ec.scale, judged: row?.ec?.judged },
  };
}

function broughtCheck(
  book: BookState,
  bringing: Bringing,
  { line, body }: Bringing['sessions'][number],
): BroughtCheck {
  const made = bringing.pens.find(({ id }) => id === body.penId)?.body;
  const shownIn = (phase: string, cupId: CupId) =>
    body.events.flatMap((event) =>
      event.type === 'read' && event.phase === phase && event.cupId === cupId ? [event.shown] : [],
    )[0];
  return {
    line,
    atMs: Date.parse(body.finishedAt),
    pen: (book.record('pen', body.penId)?.body ?? made)?.code ?? '',
    quantity: body.plan.quantity,
    outcome: body.outcome,
    scale: body.plan.scale,
    cups: body.plan.cups.map((cup) => ({
      nominal: cup.quantity === 'ph' ? cup.buffer.nominalPh : cup.standard.nominalMsPerCm,
      found: shownIn('asFound', cup.id) ?? Number.NaN,
      left: shownIn('asLeft', cup.id),
    })),
  };
}

/** What a table would bring, with its first rows as they would stand in the book. */
export function previewOf(
  book: BookState,
  bringing: Bringing,
): Omit<TablePreview, 'subject' | 'places' | 'pens'> {
  const { readings, sessions, rejected, dayOnly } = bringing;
  const times = [
    ...readings.map(({ body }) => body.takenAt),
    ...sessions.map(({ body }) => body.finishedAt),
  ];
  const counts = new Map<TablePreview['reasons'][number]['reason'], number>();
  for (const { trouble } of rejected)
    counts.set(trouble.reason, (counts.get(trouble.reason) ?? 0) + 1);
  const doubled = counts.get('double') ?? 0;
  counts.delete('double');
  const edge = (later: boolean) =>
    times.length === 0
      ? undefined
      : Date.parse(times.reduce((best, one) => (one > best === later ? one : best)));
  return {
    ready: readings.length + sessions.length,
    doubled,
    rejected: rejected.length - doubled,
    reasons: [...counts]
      .map(([reason, count]) => ({ reason, count }))
      .sort((a, b) => b.count - a.count),
    firstRejected: rejected.filter(({ trouble }) => trouble.reason !== 'double').slice(0, SHOWN),
    dayOnly,
    fromMs: edge(false),
    toMs: edge(true),
    readings: readings.slice(0, SHOWN).map((one) => broughtReading(book, bringing, one)),
    checks: sessions.slice(0, SHOWN).map((one) => broughtCheck(book, bringing, one)),
  };
}
