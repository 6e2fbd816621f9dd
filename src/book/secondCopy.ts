import { DAY_MS } from '@/core/units';
import { idTimeMs, type RevId, type Revision } from '@/records';
import { decodePack, encodePack } from '@/records/storage/packs';
import type { Entry, StoragePort } from '@/records/storage/port';

const PREFIX = 'c/';

/** How long an entry stays in the second copy, ms: by then it lies in a pack, and in a saved file. */
const KEPT_MS = 31 * DAY_MS;

/** The newest month of the own book once more, in a database of its own. */
export interface SecondCopy {
  keep(revisions: readonly Revision[]): Promise<void>;
  /** Entries of the copy that the book does not know. */
  unknownTo(isKnown: (id: RevId) => boolean): Promise<readonly Revision[]>;
  /** Lets go of what is older than a month. */
  prune(nowMs: number): Promise<void>;
  /** Lets go of what was erased in the book. */
  letGo(ids: readonly RevId[]): Promise<void>;
  /** Lets go of everything: the grower begins a new book. */
  forget(): Promise<void>;
}

/** The second copy of the last month, in a storage of its own. */
export function secondCopyIn(port: StoragePort): SecondCopy {
  return {
    keep: (revisions) =>
      port.setMany(revisions.map((one): Entry => [PREFIX + one.revId, encodePack([one])])),
    async unknownTo(isKnown) {
      const keys = (await port.keys()).filter((key) => key.startsWith(PREFIX));
      const unknown = keys.filter((key) => !isKnown(key.slice(PREFIX.length)));
      const held = await port.getMany(unknown);
      return held.flatMap((one) => decodePack(one).revisions);
    },
    async prune(nowMs) {
      const isOld = (key: string) => {
        try {
          return idTimeMs(key.slice(PREFIX.length)) < nowMs - KEPT_MS;
        } catch {
          return true;
        }
      };
      const keys = (await port.keys()).filter((key) => key.startsWith(PREFIX) && isOld(key));
      if (keys.length > 0) await port.removeMany(keys);
    },
    letGo: (ids) => port.removeMany(ids.map((id) => PREFIX + id)),
    async forget() {
      const keys = (await port.keys()).filter((key) => key.startsWith(PREFIX));
      if (keys.length > 0) await port.removeMany(keys);
    },
  };
}
