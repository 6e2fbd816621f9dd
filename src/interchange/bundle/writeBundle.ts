import { parseRevision, type Revision } from '@/records';
import { BUNDLE_FORMAT, BUNDLE_VERSION } from './bundleSchema';
import { canonicalJson } from './canonicalJson';

/**
 * A whole book as the text of a `.zolder.json` file: every revision, by id, one a line. It depends
 * on the book alone: no date, no device, so that writing what was read gives the same bytes.
 */
export function writeBundle(revisions: readonly Revision[]): string {
  const lines = [...revisions]
    .sort((a, b) => (a.revId < b.revId ? -1 : 1))
    .flatMap((revision) => {
      // Through its schema: what was left to a default is written out.
      const parsed = parseRevision(revision);
      return parsed.ok ? [canonicalJson(parsed.revision)] : [];
    });
  const head = `{"format":"${BUNDLE_FORMAT}","version":${BUNDLE_VERSION},"revisions":[`;
  return `${head}\n${lines.join(',\n')}\n]}\n`;
}
