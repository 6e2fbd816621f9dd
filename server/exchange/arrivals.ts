import { PIECE_NAME } from '@/interchange/exchange';

/** One line of the log: which piece came, how large, from whom. Its number is its place. */
export interface Arrival {
  readonly sha256: string;
  readonly bytes: number;
  /** The paired device it came from; `-` for a piece that was found in the folder. */
  readonly from: string;
}

/** A piece that no device of this house brought: another house, or a copy of the folder, did. */
export const FOUND = '-';

const LINE = /^([0-9a-f]{64}) (\d{1,7}) ([\w-]{1,32})$/;

/** One arrival as a line of the log. */
export const lineOf = ({ sha256, bytes, from }: Arrival) => `${sha256} ${bytes} ${from}\n`;

/** What a log says, up to the first line that is not whole: all behind that is to be cut off. */
export function readLog(text: string): { arrivals: Arrival[]; soundLength: number } {
  const arrivals: Arrival[] = [];
  let soundLength = 0;
  for (const line of text.split('\n').slice(0, -1)) {
    const [, sha256, bytes, from] = LINE.exec(line) ?? [];
    if (sha256 === undefined || from === undefined) break;
    arrivals.push({ sha256, bytes: Number(bytes), from });
    soundLength += line.length + 1;
  }
  return { arrivals, soundLength };
}

/** The name of a piece from its file; undefined for any other file. */
export function pieceNameOf(fileName: string): string | undefined {
  const name = fileName.replace(/\.json$/, '');
  return fileName.endsWith('.json') && PIECE_NAME.test(name) ? name : undefined;
}
