import type { BodyOf, Kind, IdOf } from '@/records';
import type { LiveRecord } from './bookRevisions';
import type { EarlierTold } from './earlierReadings';

/** Records of a kind that belong together by something they say: a tank's readings, a pen's checks. */
export interface Part<K extends Kind> {
  readonly name: string;
  readonly kind: K;
  /** The parts a record belongs to. */
  readonly keysOf: (body: BodyOf<K>) => readonly string[];
  /** Their order within a part; records alike in it stand in the order they were made. */
  readonly order: (a: BodyOf<K>, b: BodyOf<K>) => number;
  /**
   * From when on all of a part is here while earlier readings are left in storage, epoch ms; -Infinity
   * where nothing of it is left. Absent for kinds of which nothing is ever left.
   */
  readonly hereSinceMs?: (told: EarlierTold, key: string) => number;
}

const wholes = new Map<Kind, Part<Kind>>();

/** All records of a kind as one part, under the key ''. */
export function wholeOf<K extends Kind>(kind: K): Part<K> {
  const known = wholes.get(kind);
  const whole = known ?? {
    name: `all/${kind}`,
    kind,
    keysOf: () => [''],
    order: () => 0,
    ...(kind === 'reading' ? { hereSinceMs: ({ beforeMs }) => beforeMs } : {}),
  };
  if (!known) wholes.set(kind, whole as Part<Kind>);
  return whole as unknown as Part<K>;
}

type Keyed<K extends Kind> = LiveRecord<K>;

/** The live records of a kind by their parts; kept up to date record by record. A list is never changed. */
export class PartIndex<K extends Kind> {
  private readonly lists = new Map<string, readonly Keyed<K>[]>();
  /** Lists nobody has asked for yet: each is put in order when it is. */
  private readonly unsorted: Map<string, Keyed<K>[]>;

  constructor(
    readonly part: Part<K>,
    all: Iterable<Keyed<K>>,
  ) {
    const lists = new Map<string, Keyed<K>[]>();
    for (const record of all) {
      for (const key of part.keysOf(record.body)) {
        const list = lists.get(key);
        if (list) list.push(record);
        else lists.set(key, [record]);
      }
    }
    this.unsorted = lists;
  }

  get(key: string): readonly Keyed<K>[] {
    const unsorted = this.unsorted.get(key);
    if (unsorted) {
      this.lists.set(key, unsorted.sort(this.compare));
      this.unsorted.delete(key);
    }
    return this.lists.get(key) ?? [];
  }

  /** Puts what a record is now in place of what it was; answers the parts that are others now. */
  readonly replace = (
    before: Keyed<K> | undefined,
    after: Keyed<K> | undefined,
  ): ReadonlySet<string> => {
    const { keysOf } = this.part;
    const left = before ? keysOf(before.body) : [];
    const joined = after ? keysOf(after.body) : [];
    for (const key of left) this.put(key, without(this.get(key), before!.id));
    for (const key of joined) this.put(key, this.withOne(this.get(key), after!));
    return new Set([...left, ...joined]);
  };

  private put(key: string, list: readonly Keyed<K>[]): void {
    if (list.length > 0) this.lists.set(key, list);
    else this.lists.delete(key);
  }

  private withOne(list: readonly Keyed<K>[], record: Keyed<K>): readonly Keyed<K>[] {
    let [low, high] = [0, list.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.compare(list[middle]!, record) <= 0) low = middle + 1;
      else high = middle;
    }
    return [...list.slice(0, low), record, ...list.slice(low)];
  }

  private readonly compare = (a: Keyed<K>, b: Keyed<K>): number =>
    this.part.order(a.body, b.body) || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);
}

function without<K extends Kind>(list: readonly Keyed<K>[], id: IdOf<K>): readonly Keyed<K>[] {
  const at = list.findIndex((record) => record.id === id);
  return at < 0 ? list : [...list.slice(0, at), ...list.slice(at + 1)];
}
