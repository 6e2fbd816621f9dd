import { z } from 'zod';
import type { StoragePort } from '@/records/storage/port';

/** What lets this device into its house: with the device's settings, never in a book or its file. */
const tokenSchema = z.object({ token: z.string().min(1), id: z.string().min(1) });

export type HouseToken = z.infer<typeof tokenSchema>;

const KEY = 'house-token';

/** This device's token; undefined where it is paired with no house. */
export async function readToken(port: StoragePort): Promise<HouseToken | undefined> {
  const [held] = await port.getMany([KEY]);
  try {
    return tokenSchema.parse(JSON.parse(String(held)));
  } catch {
    return undefined;
  }
}

/** Keeps the token on this device. Rejects where storage is full. */
export const keepToken = (port: StoragePort, token: HouseToken): Promise<void> =>
  port.setMany([[KEY, JSON.stringify(token)]]);

/** Lets go of the token. */
export const forgetToken = (port: StoragePort): Promise<void> => port.removeMany([KEY]);
