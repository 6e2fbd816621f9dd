/** Something that went wrong, as it is kept on this device. */
export interface Trouble {
  readonly atMs: number;
  /** What was being done. */
  readonly about: string;
  readonly message: string;
}

const KEY = 'zolder-trouble';

/** The newest so many are kept: enough to help, too few to fill a disk. */
const KEPT = 100;

/** Kept in memory too: the disk may be the trouble. */
let known: readonly Trouble[] | undefined;

function isTrouble(data: unknown): data is Trouble {
  const held = data as Trouble | null;
  return typeof held?.atMs === 'number' && typeof held.message === 'string';
}

/** What went wrong on this device, oldest first. */
export function troubles(): readonly Trouble[] {
  if (known) return known;
  try {
    const data: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    known = Array.isArray(data) ? data.filter(isTrouble) : [];
  } catch {
    known = [];
  }
  return known;
}

/** What an error says of itself. */
export function messageOf(error: unknown): string {
  return error instanceof Error ? `${error.name}: ${error.message}` : String(error);
}

/** The one place where what went wrong is noted: on this device only, savable for who helps. */
export function noteTrouble(about: string, error: unknown): void {
  const message = messageOf(error).slice(0, 500);
  const last = troubles().at(-1);
  // The same thing again and again says nothing new.
  if (last && last.about === about && last.message === message && Date.now() - last.atMs < 60_000)
    return;
  known = [...troubles(), { atMs: Date.now(), about, message }].slice(-KEPT);
  try {
    localStorage.setItem(KEY, JSON.stringify(known));
  } catch {
    // Kept in memory while the page is open.
  }
}

/** Lets work go on by itself; what goes wrong with it is noted, never lost. */
export function inBackground(about: string, work: unknown): void {
  if (work instanceof Promise) work.catch((error: unknown) => noteTrouble(about, error));
}
