import { hostname, networkInterfaces } from 'node:os';
import { isPermitted } from './permitted';

/** What a computer is reached by. */
export interface MachineNames {
  readonly hostName: string;
  /** Addresses on its networks, those of version 4 first. */
  readonly addresses: readonly string[];
}

/** Its names and addresses, parted by whether its authority may vouch for them. */
export interface Vouched {
  readonly inside: readonly string[];
  /** Left out: a router's own domain, an address of the open internet. */
  readonly outside: readonly string[];
}

/** What this computer is reached by now. */
export function machineNames(): MachineNames {
  const found = Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter(({ internal }) => !internal);
  const of = (wanted: 'IPv4' | 'IPv6') =>
    found.filter(({ family }) => family === wanted).map(({ address }) => address.split('%')[0]!);
  return { hostName: hostname().toLowerCase(), addresses: [...of('IPv4'), ...of('IPv6')] };
}

/** Its name on the network without a server of names: `kitchen` is `kitchen.local`. */
export function localName({ hostName }: Pick<MachineNames, 'hostName'>): string {
  return hostName.endsWith('.local') ? hostName : `${hostName.split('.')[0]}.local`;
}

/** All names and addresses a certificate of this computer is to hold, as far as its authority may. */
export function vouchedFor(names: MachineNames, authorityHostName: string): Vouched {
  const { hostName, addresses } = names;
  const wanted = [
    ...new Set(['localhost', hostName, localName(names), '127.0.0.1', '::1', ...addresses]),
  ];
  const inside = wanted.filter((name) => isPermitted(name, authorityHostName));
  return { inside, outside: wanted.filter((name) => !inside.includes(name)) };
}
