import { answer, refuse, type Result } from '@/core/result';
import { parseRevision, SCHEMA_VERSION, type Revision } from '@/records';
import { BUNDLE_MAX_BYTES } from './bundleLimits';
import { BUNDLE_FORMAT, BUNDLE_VERSION, bundleSchema } from './bundleSchema';

/** Why a file is not taken. Nothing is written for any of these. */
export type BundleRefusal =
  | { readonly reason: 'tooLarge'; readonly bytes: number; readonly limitBytes: number }
  | { readonly reason: 'notOurs' }
  | { readonly reason: 'cutOff' }
  | { readonly reason: 'newer'; readonly version: number; readonly known: number }
  | {
      readonly reason: 'badRecord';
      /** Its place in the file, from 1. */
      readonly place: number;
      readonly path: string;
      readonly message: string;
    };

/** The start that every file of ours has, whatever stands behind it. */
const OUR_START = new RegExp(`^\\s*\\{\\s*"format"\\s*:\\s*"${BUNDLE_FORMAT}"`);

/** Parses JSON; a text that begins as ours but does not end is cut off. */
function parseJson(text: string): Result<unknown, BundleRefusal> {
  try {
    return answer(JSON.parse(text) as unknown);
  } catch {
    // Too deep a nesting ends here too: the parser runs out of stack and says so.
    return refuse({ reason: OUR_START.test(text.slice(0, 200)) ? 'cutOff' : 'notOurs' });
  }
}

/** The version a file claims, where it claims one. */
function claimedVersion(data: unknown): number | undefined {
  if (typeof data !== 'object' || data === null || !('format' in data)) return undefined;
  if (data.format !== BUNDLE_FORMAT || !('version' in data)) return undefined;
  return typeof data.version === 'number' ? data.version : undefined;
}

/** The record version a revision claims. */
function recordVersion(item: unknown): number {
  const v = typeof item === 'object' && item !== null && 'v' in item ? item.v : 0;
  return typeof v === 'number' ? v : 0;
}

/**
 * Reads the text of a `.zolder.json` file: every revision is parsed in full, keys nobody knows are
 * dropped, and the first thing wrong refuses the whole file.
 */
export function readBundle(text: string): Result<readonly Revision[], BundleRefusal> {
  if (text.length > BUNDLE_MAX_BYTES)
    return refuse({ reason: 'tooLarge', bytes: text.length, limitBytes: BUNDLE_MAX_BYTES });
  const parsed = parseJson(text);
  if (!parsed.ok) return parsed;
  const version = claimedVersion(parsed.value);
  if (version === undefined) return refuse({ reason: 'notOurs' });
  if (version > BUNDLE_VERSION) return refuse({ reason: 'newer', version, known: BUNDLE_VERSION });
  const frame = bundleSchema.safeParse(parsed.value);
  if (!frame.success) return refuse({ reason: 'notOurs' });
  const revisions: Revision[] = [];
  for (const [at, item] of frame.data.revisions.entries()) {
    const v = recordVersion(item);
    if (v > SCHEMA_VERSION) return refuse({ reason: 'newer', version: v, known: SCHEMA_VERSION });
    const result = parseRevision(item);
    if (!result.ok) return refuse({ reason: 'badRecord', place: at + 1, ...result.refusal });
    revisions.push(result.revision);
  }
  return answer(revisions);
}
