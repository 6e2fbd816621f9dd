import type { Server as SecureServer } from 'node:https';
import type { Server } from 'node:http';

/** How long a slow or silent client is waited for, ms: a page is small, and nothing is sent here. */
const LIMITS_MS = {
  headersTimeout: 10_000,
  requestTimeout: 20_000,
  keepAliveTimeout: 5_000,
  timeout: 60_000,
} as const;

interface Place {
  readonly host: string;
  /** What chooses another port. */
  readonly variable: 'PORT' | 'SECURE_PORT';
}

/** Listens with the limits of the house; rejects in plain words where the port is taken. */
export function listenOn<Kind extends Server | SecureServer>(
  server: Kind,
  port: number,
  { host, variable }: Place,
): Promise<Kind> {
  Object.assign(server, LIMITS_MS);
  return new Promise((resolve, reject) => {
    server.once('error', (error: Error & { code?: string }) =>
      reject(
        error.code === 'EADDRINUSE'
          ? new Error(`Port ${port} is in use. Choose another: ${variable}=${port + 1} npm start`)
          : new Error(`The server could not start: ${error.message}`),
      ),
    );
    server.listen(port, host, () => resolve(server));
  });
}

/** The port a server really listens on. */
export function portOf(server: Server | SecureServer): number {
  const address = server.address();
  if (typeof address !== 'object' || !address) throw new Error('The server does not listen.');
  return address.port;
}

/**
 * What the server says once it listens: the address it really listens on; with `addresses` (it was
 * started for the network) those too, and what plain HTTP lacks there.
 */
export function listeningWords(
  port: number,
  addresses: readonly string[] | undefined,
): readonly string[] {
  const here = `Zolder is ready at http://localhost:${port}`;
  if (!addresses) return [here, 'Only this computer reaches it. For phones: npm start -- --phones'];
  if (addresses.length === 0)
    return [here, 'This computer is on no network now: no other device reaches it.'];
  return [
    here,
    ...addresses.map((address) => `On other devices of this network: http://${address}:${port}`),
    'Over plain HTTP they have no install, no work offline, no screen kept awake and no promise that the browser keeps the book. For all of that: npm start -- --phones',
    'Each address has a book of its own; one begun at such an address opens only there.',
  ];
}
