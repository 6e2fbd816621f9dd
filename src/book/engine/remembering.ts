/** Something that was worked out, with what it was made of. */
interface Cell {
  value: unknown;
  readonly name: string;
  compute: () => unknown;
  readonly same: (a: unknown, b: unknown) => boolean;
  /** What it was worked out for, where that is no part of its name. */
  readonly at: unknown;
  /** Facts by name, and other things worked out. */
  sources: readonly (string | Cell)[];
  /** When it was last found to be true, and when it last became another, in changes of the book. */
  trueAt: number;
  changedAt: number;
}

/** How a thing is remembered. */
export interface Remembered<T> {
  /** Whether a new value is no other than the last one: then what was made of it stays too. */
  readonly same?: (a: T, b: T) => boolean;
  /** What it is worked out for, such as the minute: only the newest is kept, another asks anew. */
  readonly at?: string | number;
}

/** Things nobody asked for during so many changes are let go. */
const UNASKED_CHANGES = 64;

/**
 * Remembers what was worked out, by name, for as long as what it was made of stays the same. A
 * calculation reads facts (`read`) and other calculations (`remember`); both are noted while it runs. It
 * may use nothing else that can change: what it needs stands in its name or is read within it.
 */
export class Remembering {
  private change = 1;
  private readonly changes = new Map<string, number>();
  private readonly cells = new Map<string, Cell>();
  /** What the calculation under way has read so far; undefined outside of all. */
  private reading: Set<string | Cell> | undefined;

  /** Notes that the calculation under way reads a fact. */
  read(fact: string): void {
    this.reading?.add(fact);
  }

  /** Tells that facts are others now. */
  changed(facts: Iterable<string>): void {
    this.change += 1;
    for (const fact of facts) this.changes.set(fact, this.change);
    if (this.change % UNASKED_CHANGES === 0) this.letGo();
  }

  /** Everything is to be worked out anew. */
  forget(): void {
    this.change += 1;
    this.cells.clear();
    this.changes.clear();
  }

  /** What `compute` gives, worked out once for as long as nothing it read changes. */
  remember<T>(name: string, compute: () => T, { same = Object.is, at }: Remembered<T> = {}): T {
    const last = this.cells.get(name);
    // For another moment it is another thing: what was made of the last one keeps that.
    const known = last?.at === at ? last : undefined;
    const cell: Cell = known ?? {
      name,
      value: undefined,
      compute,
      same: same as (a: unknown, b: unknown) => boolean,
      at,
      sources: [],
      trueAt: 0,
      changedAt: 0,
    };
    cell.compute = compute;
    this.refresh(cell);
    if (!known) this.cells.set(name, cell);
    this.reading?.add(cell);
    return cell.value as T;
  }

  private refresh(cell: Cell): void {
    if (cell.trueAt === this.change) return;
    if (cell.trueAt > 0 && cell.sources.every((source) => this.isUnchanged(source, cell.trueAt))) {
      cell.trueAt = this.change;
      return;
    }
    const outer = this.reading;
    const reading = new Set<string | Cell>();
    this.reading = reading;
    try {
      const value = cell.compute();
      if (cell.trueAt === 0 || !cell.same(cell.value, value)) {
        cell.value = value;
        cell.changedAt = this.change;
      }
      cell.sources = [...reading];
      cell.trueAt = this.change;
    } finally {
      this.reading = outer;
    }
  }

  /** Whether a source is what it was at a change of the book; brings it up to date for that. */
  private isUnchanged(source: string | Cell, since: number): boolean {
    if (typeof source === 'string') return (this.changes.get(source) ?? 0) <= since;
    try {
      this.refresh(source);
    } catch {
      // Whoever asks for it meets what went wrong.
      return false;
    }
    return source.changedAt <= since;
  }

  private letGo(): void {
    for (const [name, { trueAt }] of this.cells)
      if (trueAt < this.change - UNASKED_CHANGES) this.cells.delete(name);
  }
}
