import { z } from 'zod';
import { checksum } from './checksum';

/** Where the list of packs lives: it makes a pack that is gone visible. */
export const MANIFEST_KEY = 'm/packs';

/** How many revisions each pack held when it was last written, by key. */
export type Manifest = Readonly<Record<string, number>>;

const manifestSchema = z.record(z.string(), z.number().int().min(0));

/** The manifest as it is stored, its digest first. */
export function encodeManifest(manifest: Manifest): string {
  const body = JSON.stringify(manifest);
  return `${checksum(body)}\n${body}`;
}

/** The list; empty where there is none yet, undefined where it is damaged. */
export function decodeManifest(held: unknown): Manifest | undefined {
  if (held === null || held === undefined) return {};
  if (typeof held !== 'string') return undefined;
  const end = held.indexOf('\n');
  const body = held.slice(end + 1);
  if (checksum(body) !== held.slice(0, end)) return undefined;
  try {
    return manifestSchema.parse(JSON.parse(body));
  } catch {
    return undefined;
  }
}
