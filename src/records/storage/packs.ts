import { eventMs } from '../eventTime';
import { SCHEMA_FINGERPRINT, understand } from '../migrations';
import { SCHEMA_VERSION, type Revision } from '../revision';
import { checksum } from './checksum';
import { withSharedTexts } from './shared';

/** Revisions in one pack, about. */
export const PACK_SIZE = 500;

/** Where packs live: `p/<kind>/<yyyymm>/<part>`. */
export const PACK_PREFIX = 'p/';

/** The kind and month a revision is packed under: the month in which it happened. */
export function packGroup(revision: Revision): string {
  const month = new Date(eventMs(revision)).toISOString().slice(0, 7).replace('-', '');
  return `${PACK_PREFIX}${revision.kind}/${month}`;
}

/** A pack as text: a line with version, checksum and schema, a line with the revisions. */
export function encodePack(revisions: readonly Revision[]): string {
  const body = JSON.stringify(revisions);
  return `${SCHEMA_VERSION}:${checksum(body)}:${SCHEMA_FINGERPRINT}\n${body}`;
}

/** Why a pack or an entry is set aside: kept where it is, not trusted, not written again. */
export type AsideReason =
  | 'notText'
  | 'empty'
  /** Its checksum disagrees: it was torn or changed. */
  | 'changed'
  /** Whole, but something in it is no record that Zolder knows. */
  | 'notUnderstood'
  /** Written by a newer Zolder. */
  | 'newer';

/** What came out of a pack or a journal entry. */
export interface DecodedPack {
  readonly revisions: readonly Revision[];
  /** Absent: all of it was understood. */
  readonly aside?: AsideReason | undefined;
  /** Entries in it that could not be understood; 1 where nobody can tell. */
  readonly asideCount: number;
  /** Written under today's schema: it may be filled up and needs no rewriting. */
  readonly current: boolean;
}

const setAside = (aside: AsideReason, asideCount = 1): DecodedPack => ({
  revisions: [],
  aside,
  asideCount,
  current: false,
});

/** What the first line says. */
function readHead(line: string): { version: number; sum: string; fingerprint: string } {
  const [version = '', sum = '', fingerprint = ''] = line.split(':');
  return { version: /^\d+$/.test(version) ? Number(version) : 0, sum, fingerprint };
}

/** Takes each entry of a whole pack of another schema through the migrations and today's schema. */
function decodeOther(data: readonly unknown[]): DecodedPack {
  const understood = data.map(understand);
  const revisions = understood.flatMap((one) => (one.state === 'sound' ? [one.revision] : []));
  const asideCount = understood.length - revisions.length;
  const newer = understood.some((one) => one.state === 'newer');
  const aside = newer ? ('newer' as const) : ('notUnderstood' as const);
  return { revisions, asideCount, current: false, ...(asideCount > 0 ? { aside } : {}) };
}

/**
 * Reads a pack or a journal entry. Trusted only when its checksum agrees; parsed in full when it was
 * written under another schema than today's.
 */
export function decodePack(held: unknown): DecodedPack {
  if (typeof held !== 'string') return setAside('notText');
  if (held === '') return setAside('empty');
  const end = held.indexOf('\n');
  const body = held.slice(end + 1);
  const { version, sum, fingerprint } = readHead(held.slice(0, end));
  if (end < 0 || checksum(held, end + 1) !== sum) return setAside('changed');
  if (version > SCHEMA_VERSION) return setAside('newer');
  let data: unknown;
  try {
    data = JSON.parse(body);
  } catch {
    return setAside('changed');
  }
  if (!Array.isArray(data)) return setAside('notUnderstood');
  if (data.length === 0) return setAside('empty');
  if (version === SCHEMA_VERSION && fingerprint === SCHEMA_FINGERPRINT)
    return { revisions: withSharedTexts(data as Revision[]), asideCount: 0, current: true };
  return decodeOther(data);
}
