import { constants, open, readdir, readFile, rename, unlink } from 'node:fs/promises';
import { mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';

/** What the exchange asks of a disk; tests watch these calls. */
export interface Disk {
  /** Writes a new file whole or not at all, and is sure of it: the file and its folder are synced. */
  writeWhole(path: string, bytes: Buffer): Promise<void>;
  /** Adds to the end of a file and syncs it. */
  append(path: string, text: string): Promise<void>;
  /** Cuts a file to so many bytes and syncs it. */
  cut(path: string, bytes: number): Promise<void>;
  /** The bytes of a file; undefined where there is none. */
  read(path: string): Promise<Buffer | undefined>;
  /** Names in a folder; none where there is no such folder. */
  list(path: string): Promise<readonly string[]>;
  remove(path: string): Promise<void>;
  makeFolder(path: string): void;
}

/** Ends the name of a file that was not written whole. */
export const HALF = '.half';

/** Whether a disk has no room left. */
export const isFull = (error: unknown): boolean =>
  ['ENOSPC', 'EDQUOT'].includes((error as { code?: string }).code ?? '');

const isMissing = (error: unknown) => (error as { code?: string }).code === 'ENOENT';

async function synced(path: string, flags: number | string, work: Work): Promise<void> {
  const file = await open(path, flags, 0o600);
  try {
    await work(file);
    await file.sync();
  } finally {
    await file.close();
  }
}

type Work = (file: Awaited<ReturnType<typeof open>>) => Promise<unknown>;

/** Makes a name in a folder last; Windows knows no such call for folders. */
async function syncFolder(path: string): Promise<void> {
  if (process.platform === 'win32') return;
  const folder = await open(path, constants.O_RDONLY);
  try {
    await folder.sync();
  } finally {
    await folder.close();
  }
}

let halves = 0;

/** The disk of this computer. */
export const thisDisk: Disk = {
  async writeWhole(path, bytes) {
    halves += 1;
    const half = join(dirname(path), `${process.pid}-${halves}${HALF}`);
    try {
      await synced(half, 'wx', (file) => file.writeFile(bytes));
    } catch (error) {
      // What a full disk left half-done takes no room.
      await unlink(half).catch(() => undefined);
      throw error;
    }
    await rename(half, path);
    await syncFolder(dirname(path));
  },
  append: (path, text) => synced(path, 'a', (file) => file.writeFile(text)),
  cut: (path, bytes) => synced(path, 'r+', (file) => file.truncate(bytes)),
  read: (path) =>
    readFile(path).catch((error: unknown) => {
      if (isMissing(error)) return undefined;
      throw error;
    }),
  list: (path) =>
    readdir(path).catch((error: unknown) => {
      if (isMissing(error)) return [];
      throw error;
    }),
  remove: (path) => unlink(path),
  makeFolder: (path) => void mkdirSync(path, { recursive: true, mode: 0o700 }),
};
