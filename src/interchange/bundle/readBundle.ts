import { refuse, type Result } from '@/core/result';
import { REFORMATTED_MAX_BYTES } from './bundleLimits';
import { BundleReader, digestedPart } from './bundleReader';
import type { BundleRefusal, ReadBundle } from './bundleRefusal';
import { quickDigestOf } from './digest';
import { readReformatted } from './readReformatted';

/** A line longer than this is none of ours, UTF-16 units. */
const LINE_MAX_LENGTH = 4_000_000;

/** Reads the text of a `.zolder.json` file; the first thing wrong refuses the whole file. */
export function readBundle(text: string): Result<ReadBundle, BundleRefusal> {
  const reader = new BundleReader();
  for (const line of text.split('\n')) reader.line(line);
  return reader.notOurLines ? readReformatted(text) : reader.end();
}

/** How far it is is told after so many bytes. */
const TOLD_EVERY_BYTES = 1_000_000;

interface ReadOptions {
  readonly countOnly?: boolean;
  readonly onShare?: (share: number) => Promise<unknown>;
}

/**
 * Reads a file as it comes from the disk, piece by piece: its size does not matter. `countOnly` holds
 * it to its digests and counts, without understanding what is in it. `onShare` is waited for between
 * pieces, with how much of the file was read, 0 to 1; what it throws ends the reading.
 */
export async function readBundleFile(
  file: Blob,
  { countOnly = false, onShare = async () => undefined }: ReadOptions = {},
): Promise<Result<ReadBundle, BundleRefusal>> {
  const reader = new BundleReader({ countOnly });
  const stream = file.stream().getReader();
  const decoder = new TextDecoder();
  let rest = '';
  let bytes = 0;
  let toldBytes = 0;
  const takeLines = async (text: string) => {
    const lines = (rest + text).split('\n');
    rest = lines.pop() ?? '';
    for (const line of lines) {
      const part = digestedPart(line);
      reader.line(line, part === undefined ? undefined : await quickDigestOf(part));
    }
    if (rest.length > LINE_MAX_LENGTH) reader.notOurLines = true;
  };
  for (;;) {
    const { done, value } = await stream.read();
    if (done) break;
    await takeLines(decoder.decode(value, { stream: true }));
    bytes += value.length;
    if (bytes - toldBytes >= TOLD_EVERY_BYTES) {
      toldBytes = bytes;
      await onShare(bytes / file.size);
    }
    if (reader.refusal || reader.notOurLines) {
      await stream.cancel();
      break;
    }
  }
  reader.line(rest + decoder.decode());
  if (!reader.notOurLines) return reader.end();
  if (file.size > REFORMATTED_MAX_BYTES)
    return refuse({ reason: 'tooLarge', bytes: file.size, limitBytes: REFORMATTED_MAX_BYTES });
  return readReformatted(await file.text());
}
