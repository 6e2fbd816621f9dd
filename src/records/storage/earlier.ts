import { z } from 'zod';
import type { RevId } from '../ids';
import { SCHEMA_FINGERPRINT } from '../migrations';
import type { Revision } from '../revision';
import { checksum } from './checksum';
import { JOURNAL_PREFIX } from './journal';
import { decodeManifest, MANIFEST_KEY, type Manifest } from './manifest';
import type { Held, StoragePort, Within } from './port';

/** Where the book keeps what an opening must know of readings that it leaves in storage. */
export const EARLIER_KEY = 'o/readings';

/** The packs of readings; of other kinds there are never many. */
export const READINGS = 'p/reading/';

/** Past every pack. */
const PAST_PACKS = 'p0';

/**
 * The readings of earlier months, which stay in storage until something asks for them: made of the packs,
 * thrown away and made anew where these are others.
 */
export interface Earlier {
  /** Packs of readings of the months before this one, yyyymm, are left. */
  readonly beforeMonth: string;
  /** These packs, with how many revisions each held. */
  readonly packs: Manifest;
  /** Those revisions of them that an opening needs all the same. */
  readonly copies: readonly Revision[];
  /** What the answers have to know of the others; the storage does not look into it. */
  readonly told: unknown;
}

const schema = z.object({
  beforeMonth: z.string().regex(/^\d{6}$/),
  packs: z.record(z.string(), z.number().int().min(0)),
  copies: z.array(z.unknown()),
  told: z.unknown(),
});

/** Held to the schema of the records by its fingerprint, as packs are. */
function encode(earlier: Earlier): string {
  const body = JSON.stringify(earlier);
  return `${SCHEMA_FINGERPRINT}:${checksum(body)}\n${body}`;
}

function decode(held: unknown): Earlier | undefined {
  if (typeof held !== 'string') return undefined;
  const end = held.indexOf('\n');
  const body = held.slice(end + 1);
  if (held.slice(0, end) !== `${SCHEMA_FINGERPRINT}:${checksum(held, end + 1)}`) return undefined;
  const read = schema.safeParse(JSON.parse(body));
  return read.success ? (read.data as Earlier) : undefined;
}

/** The packs of readings of the months before one, by the list of packs. */
export const packsBefore = (list: Manifest, beforeMonth: string): Manifest =>
  Object.fromEntries(
    Object.entries(list).filter(
      ([key]) => key.startsWith(READINGS) && key < READINGS + beforeMonth,
    ),
  );

/** Whether the packs left are the very ones of which it tells. */
async function stands(within: Within, { beforeMonth, packs }: Earlier, list: unknown) {
  const listed = packsBefore(decodeManifest(list) ?? {}, beforeMonth);
  const keys = (await within.keys(READINGS)).filter((key) => key < READINGS + beforeMonth);
  const names = Object.keys(packs);
  return (
    names.length === Object.keys(listed).length &&
    names.every((key) => listed[key] === packs[key]) &&
    keys.length === names.length &&
    keys.every((key) => packs[key] !== undefined)
  );
}

/** The packs an opening reads, and what it leaves; all of them where nothing tells of the others. */
export async function packsToOpen(
  within: Within,
  list: unknown,
): Promise<{ readonly packs: readonly Held[]; readonly earlier?: Earlier }> {
  const earlier = decode(await within.get(EARLIER_KEY));
  if (!earlier || !(await stands(within, earlier, list)))
    return { packs: await within.between('p/', PAST_PACKS) };
  const others = await within.between('p/', READINGS);
  const later = await within.between(READINGS + earlier.beforeMonth, PAST_PACKS);
  return { packs: [...others, ...later], earlier };
}

/**
 * Keeps what is told of the earlier readings, where the list of packs is still the one it was made of.
 * `make` is told which revisions wait in the journal: these are read at every opening.
 */
export function keepEarlier(
  port: StoragePort,
  list: unknown,
  make: (inJournal: ReadonlySet<RevId>) => Earlier,
): Promise<boolean> {
  return port.inOneGo('write', async (within) => {
    if ((await within.get(MANIFEST_KEY)) !== list) return false;
    const journal = await within.keys(JOURNAL_PREFIX);
    const waiting = new Set(journal.map((key): RevId => key.slice(key.lastIndexOf('/') + 1)));
    await within.set(EARLIER_KEY, encode(make(waiting)));
    return true;
  });
}
