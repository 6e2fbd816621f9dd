import { createServer as createPlainServer, type Server as PlainServer } from 'node:http';
import { createServer, type Server } from 'node:https';
import { renderUnicodeCompact } from 'uqr';
import type { HouseTold } from '@/words/phones/houseTold';
import type { Arguments } from './arguments';
import { makeApp } from './app';
import { exchangeFolder } from './exchange/exchange';
import { theExchange, type TheExchange } from './exchange/theExchange';
import { makeHelpApp } from './help/helpApp';
import { houseAddress, network, type HouseAddress, type Network } from './house/houseAddress';
import { openHouseFolder, type HouseFolder } from './house/houseFolder';
import { fingerprintOf, houseKeys, type HouseKeys } from './house/houseKeys';
import { machineNames, type MachineNames } from './house/machineNames';
import { listenOn, portOf } from './listening';

type Told = Extract<HouseTold, { phones: true }>;

/** What a house finds round it; tests give it another one. */
export interface Around {
  readonly folder: HouseFolder;
  /** Where the exchange lies. */
  readonly exchangeFolder: () => HouseFolder;
  readonly names: () => MachineNames;
  readonly network: Network;
  readonly nowMs: () => number;
}

/** The computer as it is. */
export const thisComputer = (): Around => ({
  folder: openHouseFolder(),
  exchangeFolder,
  names: machineNames,
  network,
  nowMs: () => Date.now(),
});

/** A house that serves phones. */
export interface ServedHouse {
  readonly told: Told;
  /** The page that helps, as this very computer opens it. */
  readonly here: string;
  readonly keysIn: string;
  readonly exchange: TheExchange;
  /**
   * Looks at the computer's names and the end of the certificate, and puts a new one in use where it
   * must. Answers the names of the new one.
   */
  look(): Promise<readonly string[] | undefined>;
  close(): void;
}

/** What the terminal says once phones can come. */
export function phonesWords({ told, keysIn, here }: Pick<ServedHouse, 'told' | 'keysIn' | 'here'>) {
  const before = told.before
    ? [
        `The address of this computer was ${told.before} before. Apps installed there go on without it, with their own book: take that along as a file. To keep an address, give the computer a fixed one in the router.`,
      ]
    : [];
  const leftOut =
    told.leftOut.length > 0
      ? [
          `Left out of the certificate, being outside of private networks: ${told.leftOut.join(', ')}`,
        ]
      : [];
  return [
    `Zolder is ready for the phones of this network. Scan, or open there: ${told.help}`,
    renderUnicodeCompact(told.help),
    `That page helps each phone once. Zolder itself is at ${told.address}, always at this address.`,
    `On this computer the page that helps is at ${here}`,
    `Fingerprint to compare before trusting (SHA-256): ${told.fingerprint}`,
    ...leftOut,
    ...before,
    `The keys of the house are in ${keysIn}, for you alone. Give them to nobody.`,
  ];
}

interface Ports {
  readonly help: number;
  readonly secure: number;
}

async function toldOf(
  keys: HouseKeys,
  { host, before }: HouseAddress,
  ports: Ports,
  net: Network,
): Promise<Told> {
  const outward = await net.outwardAddress();
  // By its number: a phone may not find the name, and this page is what tells so.
  const number = outward && keys.vouched.inside.includes(outward) ? outward : host;
  return {
    phones: true,
    exchange: false,
    address: `https://${host}:${ports.secure}`,
    help: `http://${number}:${ports.help}`,
    fingerprint: fingerprintOf(keys.authorityPem),
    leftOut: [...keys.vouched.outside],
    ...(before ? { before } : {}),
  };
}

const contextOf = ({ certificate: { certificatePem, keyPem } }: HouseKeys) => ({
  cert: certificatePem,
  key: keyPem,
});

/**
 * Serves phones: the app over HTTPS at its one address, with a certificate of the house's own, and
 * over plain HTTP the page that helps a new device to trust it. Rejects in plain words.
 */
export async function servePhones(
  asked: Arguments,
  dist: string,
  { folder, exchangeFolder: folderOfExchange, names, network: net, nowMs }: Around,
): Promise<ServedHouse> {
  const keysNow = (newAuthority: boolean) =>
    houseKeys(folder, { names: names(), nowMs: nowMs(), newAuthority });
  const keys = await keysNow(asked.newAuthority);
  const { inside } = keys.vouched;
  const kind = asked.address;
  const address = await houseAddress(folder, { names: names(), inside, network: net, kind });
  if (!address)
    throw new Error(
      'This computer has no address of a private network now: no phone could reach it. To be reached by its name all the same: npm start -- --phones --by-name',
    );
  const exchange = await theExchange({ folder: folderOfExchange(), asked: asked.exchange });
  let told: Told | undefined;
  const toldNow = () => told && { ...told, exchange: exchange.isOn() };
  const secure: Server = createServer(
    contextOf(keys),
    makeApp({
      dist,
      start: asked.start,
      house: () => toldNow() ?? { phones: false, exchange: false },
      exchange: exchange.handler,
    }),
  );
  await listenOn(secure, asked.securePort, { host: '0.0.0.0', variable: 'SECURE_PORT' });
  const { host } = address;
  const help = makeHelpApp({
    dist,
    authorityPem: keys.authorityPem,
    appOrigin: `https://${host}:${portOf(secure)}`,
    house: () => toldNow()!,
    exchange,
  });
  const helping: PlainServer = createPlainServer(help);
  await listenOn(helping, asked.port, { host: '0.0.0.0', variable: 'PORT' });
  const ports = { help: portOf(helping), secure: portOf(secure) };
  told = await toldOf(keys, address, ports, net);
  return {
    told,
    here: `http://localhost:${ports.help}`,
    keysIn: folder.path,
    exchange,
    async look() {
      const next = await keysNow(false);
      if (!next.renewed) return undefined;
      secure.setSecureContext(contextOf(next));
      return next.vouched.inside;
    },
    close() {
      for (const server of [secure, helping]) {
        server.close();
        server.closeAllConnections();
      }
    },
  };
}
