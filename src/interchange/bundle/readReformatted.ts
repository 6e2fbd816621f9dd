import { answer, refuse, type Result } from '@/core/result';
import { canonicalJson } from '@/records/canonicalJson';
import type { BundleRefusal, ReadBundle } from './bundleRefusal';
import { Gathered, tryJson } from './bundleReader';
import { BUNDLE_FORMAT, BUNDLE_VERSION, bundleSchema, bundleV1Schema } from './bundleSchema';
import { digestOf } from './digest';

/** The start that every file of ours has, whatever stands behind it. */
const OUR_START = new RegExp(`^\\s*\\{\\s*"format"\\s*:\\s*"${BUNDLE_FORMAT}"`);

/** The version a file claims, where it claims one. */
function claimedVersion(data: unknown): number | undefined {
  if (typeof data !== 'object' || data === null || !('format' in data)) return undefined;
  if (data.format !== BUNDLE_FORMAT || !('version' in data)) return undefined;
  return typeof data.version === 'number' ? data.version : undefined;
}

function readPieces(data: unknown): Result<ReadBundle, BundleRefusal> {
  const frame = bundleSchema.safeParse(data);
  if (!frame.success) return refuse({ reason: 'notOurs' });
  const { pieces, total } = frame.data;
  const gathered = new Gathered();
  let setAside = 0;
  for (const [at, piece] of pieces.entries()) {
    const list = 'revisions' in piece ? piece.revisions : piece.setAside;
    if (digestOf(canonicalJson(list)) !== piece.sha256)
      return refuse({ reason: 'changed', piece: at + 1 });
    const refusal = 'revisions' in piece ? gathered.addAll(piece.revisions) : undefined;
    if (refusal) return refuse(refusal);
    if ('setAside' in piece) setAside += piece.setAside.length;
  }
  const agrees =
    total.pieces === pieces.length &&
    total.revisions === gathered.revisions.length &&
    total.sha256 === digestOf(pieces.map(({ sha256 }) => sha256).join(''));
  if (!agrees) return refuse({ reason: 'changed' });
  return answer({ revisions: gathered.revisions, count: gathered.place, setAside });
}

/** Reads a file whose lines are not ours any more: another program wrote the same JSON anew. */
export function readReformatted(text: string): Result<ReadBundle, BundleRefusal> {
  const data = tryJson(text);
  if (data === undefined)
    return refuse({ reason: OUR_START.test(text.slice(0, 200)) ? 'cutOff' : 'notOurs' });
  const version = claimedVersion(data);
  if (version === undefined) return refuse({ reason: 'notOurs' });
  if (version > BUNDLE_VERSION) return refuse({ reason: 'newer', version, known: BUNDLE_VERSION });
  if (version > 1) return readPieces(data);
  const frame = bundleV1Schema.safeParse(data);
  if (!frame.success) return refuse({ reason: 'notOurs' });
  const gathered = new Gathered();
  const refusal = gathered.addAll(frame.data.revisions);
  if (refusal) return refuse(refusal);
  return answer({ revisions: gathered.revisions, count: gathered.place, setAside: 0 });
}
