import { z } from 'zod';
import type { StoragePort } from '@/records/storage/port';

const KEY = 'marker/own';

const markerSchema = z.object({
  /** Entries the own book held. */
  count: z.number().int().min(0),
  /** When something was last written to it, UTC. */
  lastAt: z.string(),
});

/** What is remembered of the own book outside of it: an empty one is then an alarm, no welcome. */
export type BookMarker = z.infer<typeof markerSchema>;

/** Reads the marker; undefined where there never was a book. */
export async function readMarker(port: StoragePort): Promise<BookMarker | undefined> {
  const [held] = await port.getMany([KEY]);
  if (typeof held !== 'string') return undefined;
  try {
    return markerSchema.safeParse(JSON.parse(held)).data;
  } catch {
    return undefined;
  }
}

/** Writes the marker; `undefined` forgets the book. */
export async function writeMarker(port: StoragePort, marker?: BookMarker): Promise<void> {
  if (marker) await port.setMany([[KEY, JSON.stringify(marker)]]);
  else await port.removeMany([KEY]);
}
