/** How long a slow or silent client is waited for, ms: a page is small, and nothing is sent here. */
export const LIMITS_MS = {
  headersTimeout: 10_000,
  requestTimeout: 20_000,
  keepAliveTimeout: 5_000,
  timeout: 60_000,
} as const;

/**
 * What the server says once it listens: the address it really listens on; with `addresses` (it was
 * started for the network) those too, and what plain HTTP lacks there.
 */
export function listeningWords(
  port: number,
  addresses: readonly string[] | undefined,
): readonly string[] {
  const here = `Zolder is ready at http://localhost:${port}`;
  if (!addresses)
    return [here, 'Only this computer reaches it. For other devices: npm start -- --network'];
  if (addresses.length === 0)
    return [here, 'This computer is on no network now: no other device reaches it.'];
  return [
    here,
    ...addresses.map((address) => `On other devices of this network: http://${address}:${port}`),
    'Over plain HTTP they have no install, no work offline, no screen kept awake and no promise that the browser keeps the book: save copies.',
    'Each address has a book of its own; one begun at such an address opens only there.',
  ];
}
