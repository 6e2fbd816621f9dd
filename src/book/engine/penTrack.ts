import { makeEcTrack, makePhTrack, type EcTrack, type PhTrack } from '@/core/drift';
import { ecCheckOf, phCheckOf } from '@/core/procedure';
import type { RecordId } from '@/records';
import type { BookState, LiveRecord } from './bookState';
import { breaksOf } from './penCare';

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

/** A pen's pH side through time; the basis of every correction. */
export function phTrackOf(book: BookState, penId: RecordId): PhTrack {
  return book.remember(`phTrack/${penId}`, () => {
    const checks = sessionsOf(book, penId, 'ph').flatMap(({ record, atMs }) => {
      const { plan, events, afterCleaning } = record.body;
      const check = phCheckOf(plan, events);
      return check ? [{ atMs, afterCleaning, ...check }] : [];
    });
    return makePhTrack(checks, breaksOf(book, penId, 'ph'));
  });
}

/** The same for its EC side. */
export function ecTrackOf(book: BookState, penId: RecordId): EcTrack {
  return book.remember(`ecTrack/${penId}`, () => {
    const checks = sessionsOf(book, penId, 'ec').flatMap(({ record, atMs }) => {
      const { plan, events, afterCleaning } = record.body;
      const check = ecCheckOf(plan, events);
      return check ? [{ atMs, afterCleaning, ...check }] : [];
    });
    return makeEcTrack(checks, breaksOf(book, penId, 'ec'));
  });
}
