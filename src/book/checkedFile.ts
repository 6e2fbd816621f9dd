import { bundleLines, readBundleFile, type Aside } from '@/interchange/bundle';
import type { Revision } from '@/records';

/** Makes a file and reads it back: what is handed over is known to be whole. */
export async function makeCheckedFile(
  revisions: readonly Revision[],
  setAside: readonly Aside[],
): Promise<Blob> {
  const lines: string[] = [];
  for (const line of bundleLines(revisions, setAside)) lines.push(`${line}\n`);
  const file = new Blob(lines, { type: 'application/json' });
  const read = await readBundleFile(file, { countOnly: true });
  const held = read.ok ? read.value.count : -1;
  if (held !== revisions.length) {
    const told = read.ok ? `${held} of ${revisions.length} entries` : read.refusal.reason;
    throw new Error(`The finished file could not be read back (${told}).`);
  }
  return file;
}
