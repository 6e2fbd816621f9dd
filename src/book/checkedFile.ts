import { bundleLines, readBundleFile, type Aside } from '@/interchange/bundle';
import type { Revision } from '@/records';
import { unheard, type Step } from './longWork';

/** Lines written between two steps; each holds some 60,000 letters. */
const LINES_AT_ONCE = 20;

/** Revisions whose length tells how long the file will be, about. */
const SAMPLE = 50;

/** How much of the work is writing; the rest is reading back. */
const WRITING = 0.5;

/** About how many letters a file of these will have; never none. */
function lettersOf(revisions: readonly Revision[]): number {
  const every = Math.max(1, Math.floor(revisions.length / SAMPLE));
  const some = revisions.filter((_, at) => at % every === 0);
  return 1 + every * some.reduce((sum, one) => sum + JSON.stringify(one).length, 0);
}

/**
 * Makes a file and reads it back: what is handed over is known to be whole. `step` is waited for between
 * pieces; what it throws ends it.
 */
export async function makeCheckedFile(
  revisions: readonly Revision[],
  setAside: readonly Aside[],
  step: Step = unheard,
): Promise<Blob> {
  const lines: string[] = [];
  const total = lettersOf(revisions);
  let letters = 0;
  for await (const line of bundleLines(revisions, setAside)) {
    lines.push(`${line}\n`);
    letters += line.length;
    if (lines.length % LINES_AT_ONCE === 0)
      await step(Math.min(WRITING, (WRITING * letters) / total));
  }
  const file = new Blob(lines, { type: 'application/json' });
  const read = await readBundleFile(file, {
    countOnly: true,
    onShare: (share) => step(WRITING + (1 - WRITING) * share),
  });
  const held = read.ok ? read.value.count : -1;
  if (held !== revisions.length) {
    const told = read.ok ? `${held} of ${revisions.length} entries` : read.refusal.reason;
    throw new Error(`The finished file could not be read back (${told}).`);
  }
  return file;
}
