import { z } from 'zod';
import { KINDS, KIND_SCHEMAS, type BodyOf, type Kind } from './kinds';
import { ID_PATTERN, RECORD_ID_PATTERN, type ActId, type RevId, type IdOf } from './ids';

/**
 * The version of the record schemas this code writes. 2: every revision names the act it belongs to
 * and may say why it was made, and ids are held to their alphabet.
 */
export const SCHEMA_VERSION = 2;

/** How many revisions one revision may join; more are joined in several steps (`writeChange`). */
export const MAX_PARENTS = 16;

/**
 * One immutable revision. A record is the set of its revisions; a change, an undo and a delete
 * (`body: null`) are revisions with the one before among their parents.
 */
export interface Revision<K extends Kind = Kind> {
  readonly recordId: IdOf<K>;
  readonly revId: RevId;
  readonly parents: readonly RevId[];
  readonly kind: K;
  /** When it was written, UTC. */
  readonly at: string;
  /** The zone it was written in, e.g. Europe/Lisbon. */
  readonly zone: string;
  /** Initials of who wrote it; '' when nobody is chosen. */
  readonly by: string;
  readonly device: string;
  /** The act it belongs to: what one press did. */
  readonly act: ActId;
  /** Why an entry was amended or voided, in the grower's words. */
  readonly why?: string | undefined;
  readonly v: number;
  /** From when its facts hold; absent: it was always so. */
  readonly effectiveFrom?: string | undefined;
  readonly body: BodyOf<K> | null;
}

const id = z.string().regex(ID_PATTERN, 'not an id of Zolder');

const envelope = z.object({
  recordId: z.string().regex(RECORD_ID_PATTERN, 'not a name of a record'),
  revId: id,
  parents: z.array(id).max(MAX_PARENTS),
  kind: z.enum(KINDS as [Kind, ...Kind[]]),
  at: z.iso.datetime(),
  zone: z.string().max(64),
  by: z.string().max(8),
  device: z.string().min(1).max(64),
  act: id,
  why: z.string().max(400).optional(),
  v: z.literal(SCHEMA_VERSION),
  effectiveFrom: z.iso.datetime().optional(),
  body: z.unknown(),
});

/** Why a revision was refused, for the log and the import preview. */
export interface RevisionRefusal {
  readonly path: string;
  readonly message: string;
}

/**
 * Parses unknown data as a revision of a known kind, in the version this code writes; refuses with
 * the first thing wrong. Older data goes through `migrateRevision` first.
 */
export function parseRevision(
  data: unknown,
): { ok: true; revision: Revision } | { ok: false; refusal: RevisionRefusal } {
  const outer = envelope.safeParse(data);
  const fail = (error: z.ZodError) => {
    const [issue] = error.issues;
    const path = issue?.path.join('.') ?? '';
    return { ok: false as const, refusal: { path, message: issue?.message ?? 'invalid' } };
  };
  if (!outer.success) return fail(outer.error);
  if (outer.data.body === null) return { ok: true, revision: { ...outer.data, body: null } };
  const body = KIND_SCHEMAS[outer.data.kind].safeParse(outer.data.body);
  if (!body.success) return fail(body.error);
  return { ok: true, revision: { ...outer.data, body: body.data } };
}
