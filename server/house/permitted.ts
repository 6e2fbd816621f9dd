import { BlockList, isIP } from 'node:net';

/** Names an authority of a house may vouch for: they, and whatever ends in them. */
export const PERMITTED_NAMES = ['localhost', 'local', 'lan', 'home.arpa', 'internal'] as const;

/** Networks that no address of the open internet lies in: RFC 1918, 3927, 4193, 4291, 1122. */
export const PERMITTED_NETWORKS = [
  '10.0.0.0/8',
  '172.16.0.0/12',
  '192.168.0.0/16',
  '169.254.0.0/16',
  '127.0.0.0/8',
  '::1/128',
  'fc00::/7',
  'fe80::/10',
] as const;

const networks = new BlockList();
for (const network of PERMITTED_NETWORKS) {
  const [address = '', bits] = network.split('/');
  networks.addSubnet(address, Number(bits), isIP(address) === 6 ? 'ipv6' : 'ipv4');
}

/**
 * Whether an authority made on a computer called `hostName` may vouch for a name or an address.
 * `isPermitted('192.168.1.20', 'house') // => true`
 */
export function isPermitted(name: string, hostName: string): boolean {
  const family = isIP(name);
  if (family !== 0) return networks.check(name, family === 6 ? 'ipv6' : 'ipv4');
  const asked = name.toLowerCase();
  return [...PERMITTED_NAMES, hostName.toLowerCase()].some(
    (base) => asked === base || asked.endsWith(`.${base}`),
  );
}
