import type { Conflict } from '@/book/answers';
import { headsOf, type Revision } from '@/records';
import type { BookState } from './bookState';

/** The fields in which the heads of a record differ, with what each says. */
function differences(heads: readonly Revision[]): Conflict['differs'] {
  const bodies = heads.map(({ body }) => (body ?? {}) as Readonly<Record<string, unknown>>);
  const fields = [...new Set(bodies.flatMap((body) => Object.keys(body)))];
  return fields.flatMap((field) => {
    const values = bodies.map((body) => JSON.stringify(body[field]) ?? '–');
    return new Set(values).size > 1 ? [{ field, values }] : [];
  });
}

/** What a record is called, as well as it can be told from its body. */
function nameOf({ kind, body }: Revision): string {
  const known = (body ?? {}) as { name?: unknown; code?: unknown; initials?: unknown };
  const name = [known.code, known.name, known.initials].find(
    (text) => typeof text === 'string' && text !== '',
  );
  return typeof name === 'string' ? name : kind;
}

/** Records that were changed on both sides: two heads, until a third joins them. */
export function conflictsAnswer(book: BookState): readonly Conflict[] {
  return book.remember('conflicts', () =>
    book.conflicted().map((revisions) => {
      const heads = headsOf(revisions);
      const newest = heads.at(-1)!;
      return {
        recordId: newest.recordId,
        kind: newest.kind,
        name: nameOf(newest.body === null ? heads[0]! : newest),
        heads: heads.map(({ revId, at, by, device, body }) => ({
          revId,
          atMs: Date.parse(at),
          by,
          device,
          deleted: body === null,
        })),
        differs: differences(heads),
      };
    }),
  );
}
