import { networkInterfaces } from 'node:os';
import { join } from 'node:path';
import { makeApp, type Start } from './app';
import { listeningWords, LIMITS_MS } from './listening';

const DEFAULT_PORT = 4173;

/** Addresses of this computer on its networks, version 4. */
function networkAddresses(): readonly string[] {
  return Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);
}

/**
 * `npm start`: the demo glasshouse; `-- --own`: an empty book; `-- --network`: also for other devices
 * on the network, over plain HTTP. PORT chooses the port.
 */
function main(): void {
  const port = Number(process.env.PORT ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 0 || port > 65535) {
    console.error(`PORT must be a whole number from 0 to 65535, not "${process.env.PORT}".`);
    process.exit(1);
  }
  const start: Start = process.argv.includes('--own') ? 'own' : 'demo';
  const network = process.argv.includes('--network');
  const dist = join(__dirname, '..', 'dist');
  const host = network ? '0.0.0.0' : '127.0.0.1';
  const server = makeApp({ dist, start }).listen(port, host);
  Object.assign(server, LIMITS_MS);
  server.on('error', (error: Error & { code?: string }) => {
    console.error(
      error.code === 'EADDRINUSE'
        ? `Port ${port} is in use. Choose another: PORT=${port + 1} npm start`
        : `The server could not start: ${error.message}`,
    );
    process.exit(1);
  });
  server.on('listening', () => {
    const address = server.address();
    const actual = typeof address === 'object' && address ? address.port : port;
    const lines = listeningWords(actual, network ? networkAddresses() : undefined);
    lines.forEach((line) => console.log(line));
  });
}

main();
