import { parseRevision, SCHEMA_VERSION, type Revision, type RevisionRefusal } from '../revision';
import type { Migration, RawRevision } from './migration';
import { to2 } from './to2';

/** All steps, in order. A new version adds its file and a line here, and a frozen fixture. */
export const MIGRATIONS: readonly Migration[] = [to2];

/** What came of data that claims to be a revision. */
export type Understood =
  | { readonly state: 'sound'; readonly revision: Revision }
  /** Written by a newer Zolder: to be kept, not read. */
  | { readonly state: 'newer'; readonly version: number }
  | { readonly state: 'notUnderstood'; readonly refusal: RevisionRefusal };

/** The version a revision claims; 0 where it claims none. */
function versionOf(data: unknown): number {
  const v = typeof data === 'object' && data !== null && 'v' in data ? data.v : 0;
  return typeof v === 'number' && Number.isInteger(v) ? v : 0;
}

/**
 * Understands data of any version that was ever released: takes it through the numbered steps, then
 * parses it by today's schema. What it answers is what is to be stored, defaults included.
 */
export function understand(data: unknown): Understood {
  const version = versionOf(data);
  if (version > SCHEMA_VERSION) return { state: 'newer', version };
  const raw =
    version < 1
      ? data
      : MIGRATIONS.filter(({ from }) => from >= version).reduce(
          (revision, { step }) => step(revision),
          data as RawRevision,
        );
  const parsed = parseRevision(raw);
  return parsed.ok
    ? { state: 'sound', revision: parsed.revision }
    : { state: 'notUnderstood', refusal: parsed.refusal };
}
