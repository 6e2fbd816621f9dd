import { createSocket } from 'node:dgram';
import { lookup } from 'node:dns/promises';
import { isIP } from 'node:net';
import { z } from 'zod';
import type { HouseFolder } from './houseFolder';
import { localName, type MachineNames } from './machineNames';

/** By which the phones of a house reach its computer: its name, or its number. */
export type AddressKind = 'name' | 'number';

/** The one address of a house: a book belongs to the address it was begun at. */
export interface HouseAddress {
  readonly host: string;
  /** The address before, where it had to change: books begun there are cut off from this computer. */
  readonly before?: string | undefined;
}

/** What this computer finds out of its network. */
export interface Network {
  /** The address packets leave by; undefined without a network. */
  outwardAddress(): Promise<string | undefined>;
  /** Where a name leads to; nothing where it leads nowhere. */
  resolve(name: string): Promise<readonly string[]>;
}

/** An address that belongs to nobody (RFC 5737): asking the way there sends nothing. */
const NOBODY = '192.0.2.1';

export const network: Network = {
  outwardAddress: () =>
    new Promise((resolve) => {
      const socket = createSocket('udp4');
      const end = (address?: string) => {
        socket.close();
        resolve(address === '0.0.0.0' ? undefined : address);
      };
      socket.on('error', () => end());
      socket.connect(9, NOBODY, () => end(socket.address().address));
    }),
  resolve: async (name) => {
    const found = await lookup(name, { all: true }).catch(() => []);
    return found.map(({ address }) => address);
  },
};

const heldSchema = z.object({ host: z.string().min(1) });

function heldHost(folder: HouseFolder): string | undefined {
  try {
    return heldSchema.parse(JSON.parse(folder.read('address.json') ?? 'null')).host;
  } catch {
    return undefined;
  }
}

/** What the address of a house is chosen by. */
interface Asked {
  readonly names: MachineNames;
  /** What its certificate holds: no other address can be the house's. */
  readonly inside: readonly string[];
  readonly network: Network;
  /** Asked for; absent: the address of before, else the name where it leads here, else the number. */
  readonly kind?: AddressKind | undefined;
}

async function chosen({ names, inside, network: net, kind }: Asked): Promise<string | undefined> {
  const name = localName(names);
  const own = new Set(['127.0.0.1', '::1', '127.0.1.1', ...names.addresses]);
  const leadsHere = async () => (await net.resolve(name)).some((address) => own.has(address));
  const byName = kind === 'name' || (kind === undefined && (await leadsHere()));
  if (byName && inside.includes(name)) return name;
  const outward = await net.outwardAddress();
  const numbers = inside.filter((one) => isIP(one) === 4 && one !== '127.0.0.1');
  return outward && numbers.includes(outward) ? outward : numbers[0];
}

/**
 * The address of a house, kept from start to start. Undefined where the computer is on no private
 * network. Where the address of before is this computer's no more, a new one is chosen and told.
 */
export async function houseAddress(
  folder: HouseFolder,
  asked: Asked,
): Promise<HouseAddress | undefined> {
  const before = heldHost(folder);
  if (before && asked.kind === undefined && asked.inside.includes(before)) return { host: before };
  const host = await chosen(asked);
  if (!host) return undefined;
  folder.write('address.json', JSON.stringify({ host }));
  return { host, before: before && before !== host ? before : undefined };
}
