import type { EcCheck, PhCheck } from '@/core/drift';
import { ecCheckOf, phCheckOf } from '@/core/procedure';
import type { RecordId } from '@/records';
import type { BookState, LiveRecord } from './bookState';

/** A session with the moment it counts from: when it was finished. */
export interface TimedSession {
  readonly record: LiveRecord<'session'>;
  readonly atMs: number;
}

/** A pen's sessions on one side, by time. */
export function sessionsOf(
  book: BookState,
  penId: RecordId,
  quantity: 'ph' | 'ec',
): readonly TimedSession[] {
  return book.remember(`sessions/${penId}/${quantity}`, () =>
    book
      .all('session')
      .filter(({ body }) => body.penId === penId && body.plan.quantity === quantity)
      .map((record) => ({ record, atMs: Date.parse(record.body.finishedAt) }))
      .sort((a, b) => a.atMs - b.atMs),
  );
}

/** What each session said of the pen's pH side, by time; the basis of every correction. */
export function phChecksOf(book: BookState, penId: RecordId): readonly PhCheck[] {
  return book.remember(`phChecks/${penId}`, () =>
    sessionsOf(book, penId, 'ph').flatMap(({ record, atMs }) => {
      const check = phCheckOf(record.body.plan, record.body.events);
      return check ? [{ atMs, ...check }] : [];
    }),
  );
}

/** The same for its EC side. */
export function ecChecksOf(book: BookState, penId: RecordId): readonly EcCheck[] {
  return book.remember(`ecChecks/${penId}`, () =>
    sessionsOf(book, penId, 'ec').flatMap(({ record, atMs }) => {
      const check = ecCheckOf(record.body.plan, record.body.events);
      return check ? [{ atMs, ...check }] : [];
    }),
  );
}
