import { idTimeMs } from '../ids';
import { parseRevision, SCHEMA_VERSION, type Revision } from '../revision';
import { checksum } from './checksum';

/** Revisions in one pack, about. */
export const PACK_SIZE = 500;

/** Where packs live: `p/<kind>/<yyyymm>/<part>`. */
export const PACK_PREFIX = 'p/';

/** The kind and month a revision is packed under. */
export function packGroup(revision: Revision): string {
  const month = new Date(idTimeMs(revision.revId)).toISOString().slice(0, 7).replace('-', '');
  return `${PACK_PREFIX}${revision.kind}/${month}`;
}

/** A pack as text: a line with version and checksum, a line with the revisions. */
export function encodePack(revisions: readonly Revision[]): string {
  const body = JSON.stringify(revisions);
  return `${SCHEMA_VERSION}:${checksum(body)}\n${body}`;
}

/** What came out of a pack. */
export interface DecodedPack {
  readonly revisions: readonly Revision[];
  /** How many entries could not be understood; they stay in storage untouched. */
  readonly damaged: number;
}

/** Reads one entry that is not trusted: each revision is parsed by its schema. */
function decodeUntrusted(body: string): DecodedPack {
  let data: unknown;
  try {
    data = JSON.parse(body);
  } catch {
    return { revisions: [], damaged: 1 };
  }
  const parsed = (Array.isArray(data) ? data : [data]).map(parseRevision);
  const revisions = parsed.flatMap((result) => (result.ok ? [result.revision] : []));
  return { revisions, damaged: parsed.length - revisions.length };
}

/** Reads a pack; trusts it when version and checksum agree, parses every revision otherwise. */
export function decodePack(text: string): DecodedPack {
  const end = text.indexOf('\n');
  const body = text.slice(end + 1);
  const trusted = text.slice(0, end) === `${SCHEMA_VERSION}:${checksum(body)}`;
  if (!trusted) return decodeUntrusted(body);
  return { revisions: JSON.parse(body) as Revision[], damaged: 0 };
}
