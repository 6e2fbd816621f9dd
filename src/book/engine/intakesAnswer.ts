import type { IntakeRow } from '@/book/answers';
import type { BookState } from './bookState';

/** Tables of other programs that were taken in and not taken back, newest first. */
export const intakesAnswer = (book: BookState): readonly IntakeRow[] =>
  book
    .all('intake')
    .map(({ id, revisions, body: { at, file, taken, subject } }) => ({
      id,
      actId: revisions[0]!.act as string,
      atMs: Date.parse(at),
      file,
      taken,
      subject,
    }))
    .reverse();
