import { createServer } from 'node:http';
import { isIP } from 'node:net';
import { join } from 'node:path';
import { renderUnicodeCompact } from 'uqr';
import { makeApp } from './app';
import { pairingSays } from '@/words/together/pairingSays';
import { exchangeFolder } from './exchange/exchange';
import { onThisComputer, pairingLink } from './exchange/onThisComputer';
import { theExchange, type TheExchange } from './exchange/theExchange';
import { exchangePath } from './house/houseFolder';
import { readArguments, type Arguments } from './arguments';
import { machineNames } from './house/machineNames';
import { listenOn, listeningWords, portOf } from './listening';
import { phonesWords, servePhones, thisComputer } from './phones';

/** How often the computer's names are looked at, ms: a router may give another address any time. */
const LOOK_EVERY_MS = 60_000;

/** Tells the code that pairs a phone, and a new one at each Enter. */
function tellCodes({ now }: TheExchange, { appOrigin, path }: { appOrigin: string; path: string }) {
  const tell = () => {
    const exchange = now();
    if (!exchange) return;
    const shown = exchange.pairing.shown(exchange.nowMs());
    if (!('code' in shown)) return console.log(pairingSays.locked);
    console.log(pairingSays.inWindow(shown.code));
    console.log(renderUnicodeCompact(pairingLink(appOrigin, shown.code)));
    if (process.stdin.isTTY) console.log(pairingSays.another);
  };
  console.log(pairingSays.folder(path));
  tell();
  if (process.stdin.isTTY) process.stdin.on('data', tell);
}

/** Looks for pieces that came into the folder by other ways, such as from a second house. */
function lookForPieces({ now }: TheExchange) {
  now()
    ?.book.look()
    .catch((error: Error) => console.error(`The exchange: ${error.message}`));
}

async function forPhones(asked: Arguments, dist: string): Promise<void> {
  const served = await servePhones(asked, dist, thisComputer());
  phonesWords(served).forEach((line) => console.log(line));
  const { exchange, told } = served;
  if (exchange.isOn()) tellCodes(exchange, { appOrigin: told.address, path: exchangePath() });
  setInterval(() => {
    lookForPieces(exchange);
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
 * for the phones of the network, over HTTPS; `--exchange`: they share one book; `-- --network`: for other devices over plain HTTP. PORT
 * and SECURE_PORT choose the ports.
 */
async function main(): Promise<void> {
  const asked = readArguments(process.argv.slice(2), process.env);
  const dist = join(__dirname, '..', 'dist');
  if (asked.reach === 'phones') return forPhones(asked, dist);
  const network = asked.reach === 'network';
  const exchange = asked.exchange
    ? await theExchange({ folder: exchangeFolder(), asked: true })
    : undefined;
  const appOrigin = (): string => `http://localhost:${portOf(server)}`;
  const server = createServer(
    makeApp({
      dist,
      start: asked.start,
      house: () => ({ phones: false, exchange: exchange?.isOn() ?? false }),
      exchange: exchange?.handler,
      here: exchange && onThisComputer(exchange, () => appOrigin()),
    }),
  );
  await listenOn(server, asked.port, {
    host: network ? '0.0.0.0' : '127.0.0.1',
    variable: 'PORT',
  });
  const addresses = machineNames().addresses.filter((address) => isIP(address) === 4);
  listeningWords(portOf(server), network ? addresses : undefined).forEach((line) =>
    console.log(line),
  );
  if (!exchange) return;
  tellCodes(exchange, { appOrigin: appOrigin(), path: exchangePath() });
  setInterval(() => lookForPieces(exchange), LOOK_EVERY_MS);
}

main().catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : String(error));
  process.exit(1);
});
