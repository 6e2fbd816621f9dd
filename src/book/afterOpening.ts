import type { BookApi } from './bookApi';
import { eachCall, type Call } from './eachCall';
import { turn } from './longWork';

/** What is done without an open book: one that never opens must not hold these up. */
const NEEDS_NO_BOOK: readonly (keyof BookApi)[] = ['rescue', 'stopFile', 'chooseBook', 'beginAnew'];

/**
 * An interface whose calls wait for an opening that is under way, so that a page may ask before its book is
 * open. Each begins a turn after the one before it: an answer is heard before the next is worked out. Where
 * the opening fails they go on, and say so themselves; where another was begun, that is waited for.
 */
export function afterOpening<Api extends { readonly open: Call }>(api: Api): Api {
  let before: Promise<void> | undefined;
  const turnAfter = (first: Promise<unknown>) => {
    const mine = first.then(turn, turn).then(() => {
      if (before === mine) before = undefined;
    });
    before = mine;
  };
  const open: Call = (...given) => {
    const opening = Promise.resolve(api.open(...given));
    turnAfter(opening);
    return opening;
  };
  const waiting =
    (call: Call): Call =>
    (...given) => {
      const first = before;
      if (!first) return call(...given);
      turnAfter(first);
      return first.then(() => call(...given));
    };
  return eachCall(api, (call, name) => {
    if (name === 'open') return open;
    return (NEEDS_NO_BOOK as readonly string[]).includes(name) ? call : waiting(call);
  });
}
