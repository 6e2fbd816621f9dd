import type { Revision } from '@/records';
import { canonicalJson } from '@/records/canonicalJson';
import { PIECE_MAX_LENGTH } from './bundleLimits';
import { BUNDLE_FORMAT, BUNDLE_VERSION } from './bundleSchema';
import { digestOf, quickDigestOf } from './digest';

/** A stored value that could not be read, with its key. */
export type Aside = readonly [key: string, value: unknown];

/** Texts gathered into runs that are no longer than a piece may be. */
export function* runs(texts: Iterable<string>): Generator<readonly string[]> {
  let run: string[] = [];
  let length = 0;
  for (const text of texts) {
    if (run.length > 0 && length + text.length > PIECE_MAX_LENGTH) {
      yield run;
      run = [];
      length = 0;
    }
    run.push(text);
    length += text.length + 1;
  }
  if (run.length > 0) yield run;
}

/** What was set aside as texts, a long one in parts. */
function* asideTexts(setAside: readonly Aside[]): Generator<string> {
  const size = PIECE_MAX_LENGTH / 2;
  for (const [key, value] of setAside) {
    const text = typeof value === 'string' ? value : (JSON.stringify(value) ?? '');
    for (let at = 0; at === 0 || at * size < text.length; at += 1) {
      const part = text.slice(at * size, (at + 1) * size);
      yield canonicalJson({ key, part: at, text: part });
    }
  }
}

/** Revisions by id, as canonical JSON. */
export function* sorted(revisions: readonly Revision[]): Generator<string> {
  const byId = [...revisions].sort((a, b) => (a.revId < b.revId ? -1 : 1));
  for (const revision of byId) yield canonicalJson(revision);
}

/** A line of the file, or a text whose digest the next line needs. */
type Made = { readonly line: string } | { readonly digestOf: string };

/** The making of a file, step by step; whoever goes through it answers the digests. */
function* steps(
  revisions: readonly Revision[],
  setAside: readonly Aside[],
): Generator<Made, void, string> {
  yield { line: `{"format":"${BUNDLE_FORMAT}","version":${BUNDLE_VERSION},"pieces":[` };
  const digests: string[] = [];
  const lists = [
    ['revisions', runs(sorted(revisions))],
    ['setAside', runs(asideTexts(setAside))],
  ] as const;
  for (const [name, pieces] of lists) {
    for (const piece of pieces) {
      const body = `[${piece.join(',')}]`;
      const sha256 = yield { digestOf: body };
      // The comma goes before: only then is it known that another one comes.
      const comma = digests.length > 0 ? ',' : '';
      yield { line: `${comma}{"sha256":"${sha256}","${name}":${body}}` };
      digests.push(sha256);
    }
  }
  const total = { pieces: digests.length, revisions: revisions.length };
  const sha256 = yield { digestOf: digests.join('') };
  yield { line: `],"total":${canonicalJson({ ...total, sha256 })}}` };
}

/**
 * A whole book as a `.zolder.json` file, a line at a time: every revision, by id, in pieces that
 * bear their own digest; then what could not be read, as it was found; then what there must be in
 * all. It depends on the book alone: no date, no device, so that writing what was read gives the
 * same bytes.
 */
export async function* bundleLines(
  revisions: readonly Revision[],
  setAside: readonly Aside[] = [],
): AsyncGenerator<string> {
  const making = steps(revisions, setAside);
  for (let next = making.next(''); !next.done;) {
    if ('line' in next.value) {
      yield next.value.line;
      next = making.next('');
    } else next = making.next(await quickDigestOf(next.value.digestOf));
  }
}

/** The whole file as one text, for books that are not large. */
export function writeBundle(
  revisions: readonly Revision[],
  setAside: readonly Aside[] = [],
): string {
  const lines: string[] = [];
  const making = steps(revisions, setAside);
  for (let next = making.next(''); !next.done;) {
    if ('line' in next.value) lines.push(next.value.line);
    next = making.next('line' in next.value ? '' : digestOf(next.value.digestOf));
  }
  return `${lines.join('\n')}\n`;
}
