import { DAY_MS } from '@/core/units';
import type { StoragePort } from '@/records/storage/port';

/** A draft older than this is not offered again: the tank has moved on, ms. */
const LAPSES_MS = DAY_MS;
const PREFIX = 'draft/';

/** What stands in an open form, kept on this device until it is saved or lapses. */
export interface Drafts {
  load(name: string, nowMs: number): Promise<string | null>;
  /** Keeps a text; `null` forgets it. */
  keep(name: string, text: string | null, nowMs: number): Promise<void>;
}

/** Drafts in the storage of the device: not part of any book, never exported. */
export function draftsIn(port: StoragePort): Drafts {
  return {
    async load(name, nowMs) {
      const [found] = await port.getMany([PREFIX + name]);
      const held = typeof found === 'string' ? found : null;
      const [at = '', ...rest] = (held ?? '').split('|');
      if (held === null || nowMs - Number(at) > LAPSES_MS) return null;
      return rest.join('|');
    },
    async keep(name, text, nowMs) {
      if (text === null) await port.removeMany([PREFIX + name]);
      else await port.setMany([[PREFIX + name, `${nowMs}|${text}`]]);
    },
  };
}
