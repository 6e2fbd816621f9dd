import { createHash, randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { ANSWER_MAX_BYTES, readPiece, type Cursor, type Piece } from '@/interchange/exchange';
import { FOUND, lineOf, pieceNameOf, readLog, type Arrival } from './arrivals';
import { HALF, isFull, thisDisk, type Disk } from './disk';

/** What came to a book after a place in its log. */
export interface Arrivals {
  readonly pieces: readonly Piece[];
  readonly cursor: Cursor;
  readonly more: boolean;
  readonly begunAnew: boolean;
  /** Pieces of the whole log that the folder lost. */
  readonly lost: number;
}

/** What became of a piece that was brought. */
export type Brought =
  | { readonly state: 'kept' }
  | { readonly state: 'refused'; readonly why: string }
  | { readonly state: 'full' };

/** A book may be so large, bytes: what fills a disk is no book of a house. */
const BOOK_MAX_BYTES = 8 * 1024 ** 3;

/**
 * The folder of one book: immutable pieces named by their content, and a log that numbers their
 * arrival. Pieces may come into the folder by other ways too; `look` finds and numbers them.
 */
export class BookFolder {
  /** Names this folder; a folder that was begun anew has another name. */
  private constructor(
    readonly id: string,
    private readonly path: string,
    private readonly disk: Disk,
    private readonly log: Arrival[],
  ) {
    log.forEach((arrival, at) => this.note(arrival, at));
    this.logBytes = log.reduce((sum, arrival) => sum + lineOf(arrival).length, 0);
  }

  /** Where in the log each piece stands: one that was lost and came again stands at its second place. */
  private readonly known = new Map<string, number>();
  private bytes = 0;
  private logBytes = 0;
  /** Pieces of the log whose file is gone or damaged. */
  private readonly lost = new Set<string>();
  /** One after the other: an arrival is numbered before the next one is looked at. */
  private queue: Promise<unknown> = Promise.resolve();
  private revIds: Promise<Set<string>> | undefined;

  /** Opens a book's folder, making it on first use; what a crash left half-done is mended. */
  static async open(path: string, disk: Disk = thisDisk): Promise<BookFolder> {
    disk.makeFolder(join(path, 'pieces'));
    const named = await disk.read(join(path, 'book'));
    const id = named?.toString() ?? randomUUID();
    if (!named) await disk.writeWhole(join(path, 'book'), Buffer.from(id));
    const told = (await disk.read(join(path, 'arrivals.log')))?.toString() ?? '';
    const { arrivals, soundLength } = readLog(told);
    if (soundLength < told.length) await disk.cut(join(path, 'arrivals.log'), soundLength);
    const folder = new BookFolder(id, path, disk, arrivals);
    await folder.sweep();
    await folder.look();
    return folder;
  }

  /** How many pieces came so far. */
  get length(): number {
    return this.log.length;
  }

  private fileOf(sha256: string): string {
    return join(this.path, 'pieces', sha256.slice(0, 2), `${sha256}.json`);
  }

  private note({ sha256, bytes }: Arrival, at: number): void {
    this.known.set(sha256, at);
    this.bytes += bytes;
  }

  private inTurn<T>(work: () => Promise<T>): Promise<T> {
    const done = this.queue.then(work);
    this.queue = done.catch(() => undefined);
    return done;
  }

  private async *folders(): AsyncGenerator<readonly [path: string, names: readonly string[]]> {
    for (const name of await this.disk.list(join(this.path, 'pieces'))) {
      if (!/^[0-9a-f]{2}$/.test(name)) continue;
      const path = join(this.path, 'pieces', name);
      yield [path, await this.disk.list(path)];
    }
  }

  /** Removes what was not written whole before a crash. */
  private async sweep(): Promise<void> {
    const halves = (names: readonly string[]) => names.filter((name) => name.endsWith(HALF));
    for (const name of halves(await this.disk.list(this.path)))
      await this.disk.remove(join(this.path, name));
    for await (const [path, names] of this.folders())
      for (const name of halves(names)) await this.disk.remove(join(path, name));
  }

  /** Numbers pieces that lie in the folder and in no line of the log; answers how many. Notes those that are gone. */
  look(): Promise<number> {
    return this.inTurn(async () => {
      let found = 0;
      const here = new Set<string>();
      for await (const [, names] of this.folders())
        for (const sha256 of names.map(pieceNameOf)) {
          if (sha256 === undefined) continue;
          here.add(sha256);
          if (this.known.has(sha256)) continue;
          const body = await this.soundBody(sha256);
          if (body === undefined || readPiece({ sha256, body }).state === 'damaged') continue;
          await this.number({ sha256, bytes: Buffer.byteLength(body), from: FOUND });
          this.revIds = undefined;
          found += 1;
        }
      for (const sha256 of this.known.keys()) if (!here.has(sha256)) this.lost.add(sha256);
      return found;
    });
  }

  private async number(arrival: Arrival): Promise<void> {
    const file = join(this.path, 'arrivals.log');
    try {
      await this.disk.append(file, lineOf(arrival));
    } catch (error) {
      // Half a line would swallow the next one.
      await this.disk.cut(file, this.logBytes);
      throw error;
    }
    this.logBytes += lineOf(arrival).length;
    this.note(arrival, this.log.push(arrival) - 1);
  }

  /** The body of a piece; undefined where the folder lost it, or it is not what its name says. */
  private async soundBody(sha256: string): Promise<string | undefined> {
    const bytes = await this.disk.read(this.fileOf(sha256));
    const sound = bytes && createHash('sha256').update(bytes).digest('hex') === sha256;
    return sound ? bytes.toString() : undefined;
  }

  /** Takes a piece; resolves when it is on the disk, with its number. What is known is taken once. */
  bring(piece: Piece, from: string): Promise<Brought> {
    const read = readPiece(piece);
    if (read.state === 'damaged') return Promise.resolve({ state: 'refused', why: read.why });
    const revIds = read.state === 'newer' ? read.revIds : read.revisions.map(({ revId }) => revId);
    return this.inTurn(async () => {
      const { sha256, body } = piece;
      const known = this.known.has(sha256);
      if (known && (await this.soundBody(sha256)) !== undefined) return { state: 'kept' };
      const bytes = Buffer.from(body);
      if (this.bytes + bytes.length > BOOK_MAX_BYTES) return { state: 'full' };
      try {
        this.disk.makeFolder(join(this.path, 'pieces', sha256.slice(0, 2)));
        await this.disk.writeWhole(this.fileOf(sha256), bytes);
        // A piece that the folder had lost gets another number: those who were past the first lack it.
        await this.number({ sha256, bytes: bytes.length, from });
      } catch (error) {
        if (isFull(error)) return { state: 'full' };
        throw error;
      }
      this.lost.delete(sha256);
      const index = await this.revIds;
      if (index) revIds.forEach((id) => index.add(id));
      return { state: 'kept' };
    });
  }

  /** What came after a place in the log, without what `from` itself brought. */
  async after(cursor: Cursor, from?: string): Promise<Arrivals> {
    const begunAnew = cursor.after > 0 && this.log[cursor.after - 1]?.sha256 !== cursor.at;
    let after = begunAnew ? 0 : cursor.after;
    const pieces: Piece[] = [];
    let bytes = 0;
    const end = this.log.length;
    for (; after < end && bytes < ANSWER_MAX_BYTES; after += 1) {
      const arrival = this.log[after]!;
      if (arrival.from === from || this.known.get(arrival.sha256) !== after) continue;
      const body = await this.soundBody(arrival.sha256);
      if (body === undefined) this.lost.add(arrival.sha256);
      else pieces.push({ sha256: arrival.sha256, body });
      bytes += arrival.bytes;
    }
    const at = this.log[after - 1]?.sha256 ?? '';
    return { pieces, cursor: { after, at }, more: after < end, begunAnew, lost: this.lost.size };
  }

  /** Of these revisions, those that are in no piece. */
  async unknown(revIds: readonly string[]): Promise<readonly string[]> {
    this.revIds ??= this.indexed();
    const index = await this.revIds;
    return revIds.filter((id) => !index.has(id));
  }

  private async indexed(): Promise<Set<string>> {
    const index = new Set<string>();
    for (const { sha256 } of [...this.log]) {
      const body = await this.soundBody(sha256);
      if (body === undefined) continue;
      for (const { revId } of JSON.parse(body) as readonly { revId: string }[]) index.add(revId);
    }
    return index;
  }
}
