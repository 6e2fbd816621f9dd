import { createServer } from 'node:http';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { makeApp } from './app';
import { readArguments, type Arguments } from './arguments';
import { machineNames } from './house/machineNames';
import { listenOn, listeningWords, portOf } from './listening';
import { phonesWords, servePhones, thisComputer } from './phones';

/** How often the computer's names are looked at, ms: a router may give another address any time. */
const LOOK_EVERY_MS = 60_000;

async function forPhones(asked: Arguments, dist: string): Promise<void> {
  const served = await servePhones(asked, dist, thisComputer());
  phonesWords(served).forEach((line) => console.log(line));
  setInterval(() => {
    served.look().then(
      (names) => {
        if (names) console.log(`A new certificate is in use, for ${names.join(', ')}`);
      },
      (error: Error) => console.error(`The certificate was not renewed: ${error.message}`),
    );
  }, LOOK_EVERY_MS);
}

/**
 * `npm start`: the demo glasshouse, for this computer alone; `-- --own`: an empty book; `-- --phones`:
 * for the phones of the network, over HTTPS; `-- --network`: for other devices over plain HTTP. PORT
 * and SECURE_PORT choose the ports.
 */
async function main(): Promise<void> {
  const asked = readArguments(process.argv.slice(2), process.env);
  const dist = join(__dirname, '..', 'dist');
  if (asked.reach === 'phones') return forPhones(asked, dist);
  const network = asked.reach === 'network';
  const server = createServer(makeApp({ dist, start: asked.start }));
  await listenOn(server, asked.port, {
    host: network ? '0.0.0.0' : '127.0.0.1',
    variable: 'PORT',
  });
  const addresses = machineNames().addresses.filter((address) => isIP(address) === 4);
  listeningWords(portOf(server), network ? addresses : undefined).forEach((line) =>
    console.log(line),
  );
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : String(error));
  process.exit(1);
});
