import type { AddressKind } from './house/houseAddress';
import type { Start } from './app';

/** How the server was asked to run. */
export interface Arguments {
  readonly start: Start;
  /** Who reaches it: this computer alone, the network over plain HTTP, or phones over HTTPS. */
  readonly reach: 'here' | 'network' | 'phones';
  /** Phones swap their entries through this computer. */
  readonly exchange: boolean;
  readonly newAuthority: boolean;
  readonly address?: AddressKind | undefined;
  readonly port: number;
  readonly securePort: number;
}

const FLAGS = [
  '--own',
  '--network',
  '--phones',
  '--exchange',
  '--new-authority',
  '--by-name',
  '--by-number',
];

const DEFAULT_PORT = 4173;
const DEFAULT_SECURE_PORT = 4443;

function portOf(name: string, text: string | undefined, otherwise: number): number {
  const port = Number(text ?? otherwise);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`${name} must be a whole number from 0 to 65535, not "${text}".`);
  return port;
}

/** Reads what follows `npm start --`, and the ports of the environment; throws in plain words. */
export function readArguments(
  given: readonly string[],
  environment: Readonly<Record<string, string | undefined>>,
): Arguments {
  const unknown = given.find((one) => !FLAGS.includes(one));
  if (unknown) throw new Error(`${unknown} is not known. It can be: ${FLAGS.join(', ')}.`);
  const has = (flag: string) => given.includes(flag);
  if (has('--network') && has('--phones'))
    throw new Error('--network (plain HTTP) and --phones (HTTPS): one of both.');
  if (has('--exchange') && has('--network'))
    throw new Error('--exchange needs HTTPS: npm start -- --phones --exchange');
  const about = ['--new-authority', '--by-name', '--by-number'].find(has);
  if (about && !has('--phones')) throw new Error(`${about} goes with --phones.`);
  if (has('--by-name') && has('--by-number'))
    throw new Error('--by-name or --by-number: one of both.');
  const numbered = has('--by-number') ? 'number' : undefined;
  return {
    start: has('--own') ? 'own' : 'demo',
    reach: has('--phones') ? 'phones' : has('--network') ? 'network' : 'here',
    exchange: has('--exchange'),
    newAuthority: has('--new-authority'),
    address: has('--by-name') ? 'name' : numbered,
    port: portOf('PORT', environment.PORT, DEFAULT_PORT),
    securePort: portOf('SECURE_PORT', environment.SECURE_PORT, DEFAULT_SECURE_PORT),
  };
}
