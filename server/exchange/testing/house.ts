import { writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import { join } from 'node:path';
import type { Change } from '@/records';
import { makeApp } from '../../app';
import { openHouseFolder } from '../../house/houseFolder';
import { listenOn, portOf } from '../../listening';
import { theExchange } from '../theExchange';
import { aPhone, NOON_MS, type Phone } from './phone';
import { ownFolder } from './pieces';

const dist = ownFolder();
writeFileSync(join(dist, 'index.html'), '<meta name="zolder-start" content="own" />');
const servers: Server[] = [];
/** Ends every server that a test began. */
export function closeHouses(): void {
  for (const server of servers) {
    server.close();
    server.closeAllConnections();
  }
}

/** A house with its exchange on, and phones that are paired with it. */
export async function aHouse(path = ownFolder()) {
  const exchange = await theExchange({ folder: openHouseFolder(path), asked: true });
  const app = makeApp({ dist, start: 'own', exchange: exchange.handler });
  const server = await listenOn(createServer(app), 0, { host: '127.0.0.1', variable: 'PORT' });
  servers.push(server);
  const base = () => `http://127.0.0.1:${portOf(server)}/exchange`;
  const code = () => {
    const shown = exchange.now()!.pairing.shown(Date.now());
    return 'code' in shown ? shown.code : '';
  };
  const pair = async (name: string, more: Partial<Parameters<typeof aPhone>[0]> = {}) => {
    const phone = await aPhone({ name, base, ...more });
    expect(await phone.house.pair(code(), name)).toMatchObject({ ok: true });
    return phone;
  };
  return { path, exchange, base, code, pair, server };
}

export const MOMENT = { nowMs: NOON_MS, zone: 'UTC' };
export const person = (initials: string): Change<'person'> => ({
  kind: 'person',
  body: { initials, name: '' },
});
export const initialsOn = ({ book }: Phone) =>
  book.state
    .all('person')
    .map(({ body }) => body.initials)
    .sort();
export const meet = ({ house }: Phone) => house.meet(NOON_MS);
export const WHOLE = { paired: true, waiting: 0, trouble: null, lastMetMs: NOON_MS };
