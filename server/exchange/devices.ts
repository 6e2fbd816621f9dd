import { createHash, randomBytes } from 'node:crypto';
import { z } from 'zod';
import { HOUR_MS } from '@/core/units';
import { houseDeviceSchema, type HouseDevice } from '@/interchange/exchange';

/** A device as the house keeps it: of its token only the digest. */
const keptSchema = houseDeviceSchema
  .omit({ own: true })
  .extend({ digest: z.string().regex(/^[0-9a-f]{64}$/), revoked: z.boolean() });

type Kept = z.infer<typeof keptSchema>;

/** Where the list of devices stands: small texts, each written whole. */
export interface SmallFiles {
  read(name: string): string | undefined;
  write(name: string, text: string): void;
}

const FILE = 'devices.json';

/** When a device was seen is written down once in so long, ms. */
const SEEN_WRITTEN_EVERY_MS = HOUR_MS;

const digestOf = (token: string) => createHash('sha256').update(token).digest('hex');

/** Whose token came: a device of the house, one that was taken off the list, or nobody. */
export type Known =
  { readonly state: 'known'; readonly id: string } | { state: 'revoked' | 'nobody' };

function read(held: string): readonly Kept[] {
  try {
    return z.array(keptSchema).parse(JSON.parse(held));
  } catch {
    throw new Error(
      `${FILE} of the exchange cannot be read. Remove it: every phone is then paired anew.`,
    );
  }
}

/** The devices of a house. Tokens are given out once and kept only as their digest. */
export class Devices {
  private readonly byDigest = new Map<string, Kept>();
  private writtenMs = 0;

  /** Throws where the list is damaged: it then lets nobody in. */
  constructor(private readonly files: SmallFiles) {
    const held = files.read(FILE);
    for (const kept of held === undefined ? [] : read(held)) this.byDigest.set(kept.digest, kept);
  }

  private write(): void {
    this.files.write(FILE, JSON.stringify([...this.byDigest.values()], null, 1));
  }

  /** Pairs a device; its token is answered here and nowhere else. One it had before holds no longer. */
  pair({ name, device }: { name: string; device: string }, nowMs: number) {
    const token = randomBytes(32).toString('base64url');
    const id = randomBytes(8).toString('hex');
    const now = new Date(nowMs).toISOString();
    const digest = digestOf(token);
    for (const before of this.byDigest.values())
      if (before.device === device) before.revoked = true;
    const kept = { id, name, device, since: now, seen: now, digest, revoked: false };
    this.byDigest.set(digest, kept);
    this.write();
    return { token, id };
  }

  /** Whose token this is. Looked up by its digest: how long that takes tells nothing of the token. */
  whose(token: string, nowMs: number): Known {
    const kept = this.byDigest.get(digestOf(token));
    if (!kept) return { state: 'nobody' };
    if (kept.revoked) return { state: 'revoked' };
    kept.seen = new Date(nowMs).toISOString();
    if (nowMs - this.writtenMs > SEEN_WRITTEN_EVERY_MS) {
      this.writtenMs = nowMs;
      this.write();
    }
    return { state: 'known', id: kept.id };
  }

  /** Takes a device off the list; answers whether it was on it. */
  revoke(id: string): boolean {
    const kept = [...this.byDigest.values()].find((one) => one.id === id && !one.revoked);
    if (!kept) return false;
    kept.revoked = true;
    this.write();
    return true;
  }

  /** The devices of the house, as one of them sees them. */
  all(own: string): readonly HouseDevice[] {
    return [...this.byDigest.values()]
      .filter(({ revoked }) => !revoked)
      .map(({ id, name, device, since, seen }) => {
        return { id, name, device, since, seen, own: id === own };
      });
  }
}
