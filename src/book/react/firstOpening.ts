import type { Kind } from '@/records/kinds';
import { inBackground } from '@/trouble';
import {
  listenTo,
  openingMoment,
  startBookClient,
  tellTrouble,
  type BookClient,
  type BookName,
  type Opened,
} from '../client';
import { setShare } from './earlierShare';
import { bookRemembered } from './lasting';
import { meetSoon } from './meetings';
import { askAnew, queryClient, queryOf } from './queries';
import type { Question } from './questions';

/** How a book is opened. */
interface How {
  readonly start: BookName;
  /** Nothing is kept when the page is closed. */
  readonly inMemory: boolean;
}

/** A page's book on its way. */
interface FirstOpening {
  readonly client: BookClient;
  readonly asked: Promise<Opened>;
  /** It once it is there: a screen drawn after that is drawn with it. */
  opened?: Opened;
}

/** Asks the worker to open the book, and to tell what changes in it. */
export function askToOpen(client: BookClient, { start, inMemory }: How): Promise<Opened> {
  // What another opening was asked may wait for ever.
  queryClient.clear();
  const onChange = listenTo((kinds: readonly Kind[]) => {
    inBackground('asking anew', askAnew(kinds));
    meetSoon();
  });
  const how = { start, inMemory, hadBook: bookRemembered() };
  return client.open(how, openingMoment(), onChange, tellTrouble(), listenTo(setShare));
}

/** Begins to open a book, and asks `questions` before a screen does: the worker answers once it is open. */
export function beginOpening(
  client: BookClient,
  start: BookName,
  questions: readonly Question<unknown>[],
): FirstOpening {
  const opening: FirstOpening = { client, asked: askToOpen(client, { start, inMemory: false }) };
  for (const question of questions)
    inBackground('asking ahead', queryClient.prefetchQuery(queryOf(question, client)));
  opening.asked.then(
    (opened) => {
      opening.opened = opened;
    },
    // Whoever draws the screen says so.
    () => undefined,
  );
  return opening;
}

let first: FirstOpening | undefined;

/**
 * The opening of this page's book; the first call begins it, and one that failed is begun anew. Called while
 * the app's script is read, so that the worker opens the book and answers `questions` while the first screen
 * is drawn.
 */
export function firstOpening(
  start: BookName,
  questions: readonly Question<unknown>[] = [],
): FirstOpening {
  if (first) return first;
  first = beginOpening(startBookClient(), start, questions);
  first.asked.catch(() => {
    first = undefined;
  });
  return first;
}
