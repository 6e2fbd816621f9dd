import type { Conflict } from '@/book/answers';
import { headsOf, type Revision } from '@/records';
import type { BookState } from './bookState';
import { namesIn } from './entryAnswer';

/** The fields in which the heads of a record differ, with what each says. */
function differences(heads: readonly Revision[]): Conflict['differs'] {
  const bodies = heads.map(({ body }) => (body ?? {}) as Readonly<Record<string, unknown>>);
  const fields = [...new Set(bodies.flatMap((body) => Object.keys(body)))];
  return fields.flatMap((field) => {
    const values = bodies.map((body) => body[field]);
    const told = new Set(values.map((value) => JSON.stringify(value)));
    return told.size > 1 ? [{ field, values }] : [];
  });
}

/** What a record is called, or what it is about; empty where neither has a name. */
function nameOf({ body }: Revision, names: Readonly<Record<string, string>>): string {
  const { code, name, initials, lotCode, tankId, penId } = (body ?? {}) as Readonly<
    Record<string, string | undefined>
  >;
  return code || name || initials || lotCode || names[tankId ?? ''] || names[penId ?? ''] || '';
}

/** The names of the records that some values are the ids of. */
const namesOf = (differs: Conflict['differs'], names: Readonly<Record<string, string>>) =>
  Object.fromEntries(
    differs
      .flatMap(({ values }) => values)
      .flatMap((value) =>
        typeof value === 'string' && names[value] !== undefined ? [[value, names[value]]] : [],
      ),
  );

/** Records that were changed on both sides: two heads, until a third joins them. */
export function conflictsAnswer(book: BookState): readonly Conflict[] {
  return book.remember('conflicts', () =>
    book.conflicted().map((revisions) => {
      const heads = headsOf(revisions);
      const newest = heads.at(-1)!;
      const names = namesIn(book);
      const differs = differences(heads);
      return {
        recordId: newest.recordId,
        kind: newest.kind,
        name: nameOf(newest.body === null ? heads[0]! : newest, names),
        heads: heads.map(({ revId, at, by, device, body }) => ({
          revId,
          atMs: Date.parse(at),
          by,
          device,
          deleted: body === null,
        })),
        differs,
        names: namesOf(differs, names),
      };
    }),
  );
}
