import { z } from 'zod';
import type { Revision, RevId } from '@/records';
import { ID_PATTERN } from '@/records/ids';
import { understand } from '@/records/migrations';
import { digestOf } from '../bundle/digest';
import { runs, sorted } from '../bundle/writeBundle';

/** A piece of a book: a run of revisions as the book's file has them, named by its content. */
export interface Piece {
  /** The SHA-256 of the body in UTF-8. */
  readonly sha256: string;
  /** Canonical JSON: a list of revisions. */
  readonly body: string;
}

/** What a piece came to. */
export type ReadPiece =
  | { readonly state: 'sound'; readonly revisions: readonly Revision[] }
  /** Some of it was written by a newer version: it is kept as it is until this one is updated. */
  | { readonly state: 'newer'; readonly revIds: readonly RevId[] }
  | { readonly state: 'damaged'; readonly why: string };

const pieceOf = (body: string): Piece => ({ sha256: digestOf(body), body });

/** Gathers revisions into pieces, by id; the same revisions make the same pieces. */
export function* piecesOf(revisions: readonly Revision[]): Generator<Piece> {
  for (const run of runs(sorted(revisions))) yield pieceOf(`[${run.join(',')}]`);
}

const anyVersionSchema = z.object({ revId: z.string().regex(ID_PATTERN) });

/**
 * Reads a piece and holds every revision in it to the schema of its kind, through the migrations.
 * `sha256` is the name it came under: another content is damage.
 */
export function readPiece({ sha256, body }: Piece): ReadPiece {
  if (digestOf(body) !== sha256) return { state: 'damaged', why: 'its content is not its name' };
  let list: unknown;
  try {
    list = JSON.parse(body);
  } catch {
    return { state: 'damaged', why: 'it is not JSON' };
  }
  if (!Array.isArray(list)) return { state: 'damaged', why: 'it is no list' };
  const revisions: Revision[] = [];
  const revIds: RevId[] = [];
  let newer = false;
  for (const data of list as readonly unknown[]) {
    const named = anyVersionSchema.safeParse(data);
    if (!named.success) return { state: 'damaged', why: 'an entry has no id' };
    revIds.push(named.data.revId);
    const result = understand(data);
    if (result.state === 'notUnderstood')
      return { state: 'damaged', why: `${result.refusal.path} ${result.refusal.message}` };
    if (result.state === 'newer') newer = true;
    else revisions.push(result.revision);
  }
  return newer ? { state: 'newer', revIds } : { state: 'sound', revisions };
}
