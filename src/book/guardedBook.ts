import type { BookApi } from './bookApi';
import { CALL_SCHEMAS } from './callSchemas';

/** A call that is not as agreed: a fault of this program, never of the grower. */
class WrongCall extends Error {
  override readonly name = 'WrongCall';
}

type Call = (...given: readonly unknown[]) => unknown;

function held(name: keyof BookApi, call: Call): Call {
  return (...given) => {
    const read = CALL_SCHEMAS[name].safeParse(given);
    if (read.success) return call(...given);
    const where = read.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`);
    return Promise.reject(new WrongCall(`${name} ${where.join('; ')}`));
  };
}

/**
 * The book worker behind its door: every call is held to its schema before anything is done, so that
 * nothing half understood is answered or written. Refuses with `WrongCall`, naming the place.
 */
export function guardedBook(api: BookApi): BookApi {
  const names = Object.keys(CALL_SCHEMAS) as (keyof BookApi)[];
  const calls = names.map((name) => [name, held(name, api[name] as Call)]);
  return Object.fromEntries(calls) as BookApi;
}
