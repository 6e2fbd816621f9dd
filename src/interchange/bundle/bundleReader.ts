import { answer, refuse, type Result } from '@/core/result';
import { SCHEMA_VERSION, type Revision } from '@/records';
import { understand } from '@/records/migrations';
import type { BundleRefusal, ReadBundle } from './bundleRefusal';
import { BUNDLE_FORMAT, BUNDLE_VERSION, pieceSchema, totalSchema } from './bundleSchema';
import { digestOf } from './digest';

/** The first line of every file of ours: format, version, and which list begins. */
const HEAD = new RegExp(
  `^\\s*\\{"format":"${BUNDLE_FORMAT}","version":(\\d+),"(revisions|pieces)":\\[$`,
);
const PIECE_HEAD = /^,?\{"sha256":"([0-9a-f]{64})","(?:revisions|setAside)":(?=\[)/;
const TOTAL = /^\],"total":(\{.*\})\}$/;

/** A piece's digest and what it is made of; undefined where the line is no piece, or not a whole one. */
function pieceOf(line: string): { readonly sha256: string; readonly body: string } | undefined {
  const [head, sha256] = PIECE_HEAD.exec(line) ?? [];
  if (head === undefined || sha256 === undefined || !line.endsWith(']}')) return undefined;
  return { sha256, body: line.slice(head.length, -1) };
}

/** What of a line its digest is made of; undefined where the line is no piece. */
export const digestedPart = (line: string): string | undefined => pieceOf(line)?.body;

/** Takes revisions of any version, in the order they come, each through the migrations. */
export class Gathered {
  readonly revisions: Revision[] = [];
  /** How many came, understood or only counted. */
  place = 0;

  /** `countOnly`: what was just written needs no understanding, only its digests and its number. */
  constructor(private readonly countOnly = false) {}

  /** Adds one; answers why it is refused. */
  add(data: unknown): BundleRefusal | undefined {
    this.place += 1;
    if (this.countOnly) return undefined;
    const result = understand(data);
    if (result.state === 'newer')
      return { reason: 'newer', version: result.version, known: SCHEMA_VERSION };
    if (result.state === 'notUnderstood')
      return { reason: 'badRecord', place: this.place, ...result.refusal };
    this.revisions.push(result.revision);
    return undefined;
  }

  addAll(list: readonly unknown[]): BundleRefusal | undefined {
    for (const data of list) {
      const refusal = this.add(data);
      if (refusal) return refusal;
    }
    return undefined;
  }
}

/** Parses JSON; undefined for what is none (and for a nesting too deep to follow). */
export function tryJson(text: string): unknown {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
}

/**
 * Reads a file of ours line by line, so that its size does not matter. `refusal` is set at the first
 * thing wrong; `notOurLines` says that the first line is not one of ours, and that the whole may be
 * tried as JSON that another program wrote anew.
 */
export class BundleReader {
  refusal: BundleRefusal | undefined;
  notOurLines = false;
  private version = 0;
  private ended = false;
  private readonly gathered: Gathered;
  private readonly digests: string[] = [];
  private setAside = 0;

  constructor({ countOnly = false } = {}) {
    this.gathered = new Gathered(countOnly);
  }

  /** Takes the next line; `digest` is that of its piece, where the caller has worked it out. */
  line(text: string, digest?: string): void {
    if (this.refusal || this.notOurLines || text.trim() === '') return;
    if (this.version === 0) this.head(text);
    else if (this.ended) this.refusal = { reason: 'changed' };
    else if (this.version === 1) this.revisionLine(text);
    else this.pieceLine(text, digest);
  }

  private head(text: string): void {
    const [, version, list] = HEAD.exec(text) ?? [];
    this.version = Number(version ?? 0);
    if (this.version > BUNDLE_VERSION)
      this.refusal = { reason: 'newer', version: this.version, known: BUNDLE_VERSION };
    else if (this.version === 0 || (this.version === 1) !== (list === 'revisions'))
      this.notOurLines = true;
  }

  private revisionLine(text: string): void {
    if (text === ']}') this.ended = true;
    else {
      const data = tryJson(text.replace(/,$/, ''));
      // Half a line at the end is a file that was cut off; `end` tells so where nothing follows.
      if (data === undefined) this.refusal = { reason: 'cutOff' };
      else this.refusal = this.gathered.add(data);
    }
  }

  private pieceLine(text: string, digest: string | undefined): void {
    const total = TOTAL.exec(text)?.[1];
    if (total !== undefined) return this.total(total);
    const { sha256, body } = pieceOf(text) ?? {};
    const piece = this.digests.length + 1;
    // A line that is not whole is the end of a file that was cut off, or it was changed.
    if (sha256 === undefined || body === undefined) {
      const cut = !text.endsWith('}');
      this.refusal = cut ? { reason: 'cutOff' } : { reason: 'changed', piece };
      return;
    }
    if ((digest ?? digestOf(body)) !== sha256) {
      this.refusal = { reason: 'changed', piece };
      return;
    }
    this.digests.push(sha256);
    const parsed = pieceSchema.safeParse(tryJson(text.replace(/^,/, '')));
    if (!parsed.success) this.refusal = { reason: 'changed', piece };
    else if ('revisions' in parsed.data) this.refusal = this.gathered.addAll(parsed.data.revisions);
    else this.setAside += parsed.data.setAside.length;
  }

  private total(text: string): void {
    const parsed = totalSchema.safeParse(tryJson(text));
    const agrees =
      parsed.success &&
      parsed.data.pieces === this.digests.length &&
      parsed.data.revisions === this.gathered.place &&
      parsed.data.sha256 === digestOf(this.digests.join(''));
    if (!agrees) this.refusal = { reason: 'changed' };
    this.ended = true;
  }

  /** What the file came to, once its last line was given. */
  end(): Result<ReadBundle, BundleRefusal> {
    if (this.refusal) return refuse(this.refusal);
    if (this.version === 0) return refuse({ reason: 'notOurs' });
    if (!this.ended) return refuse({ reason: 'cutOff' });
    const { revisions, place: count } = this.gathered;
    return answer({ revisions, count, setAside: this.setAside });
  }
}
