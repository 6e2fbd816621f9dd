import { mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { connect, type PeerCertificate } from 'node:tls';
import { DEVICE_KINDS } from '@/words/phones/trusting';
import { readArguments } from './arguments';
import { houseAddress } from './house/houseAddress';
import { openHouseFolder } from './house/houseFolder';
import { phonesWords, servePhones, type Around, type ServedHouse } from './phones';

const folder = mkdtempSync(join(tmpdir(), 'zolder-phones-'));
const dist = join(folder, 'dist');
mkdirSync(join(dist, 'js'), { recursive: true });
writeFileSync(join(dist, 'index.html'), '<meta name="zolder-start" content="own" />');
writeFileSync(join(dist, 'sw.js'), 'keeps-the-app');

let addresses = ['192.168.1.20'];
const around: Around = {
  folder: openHouseFolder(join(folder, 'house')),
  exchangeFolder: () => openHouseFolder(join(folder, 'exchange')),
  names: () => ({ hostName: 'kitchen', addresses }),
  network: {
    outwardAddress: () => Promise.resolve(addresses[0]),
    resolve: () => Promise.resolve([]),
  },
  nowMs: () => Date.UTC(2026, 4, 1),
};
const asked = readArguments(['--phones'], { PORT: '0', SECURE_PORT: '0' });
let house: ServedHouse;
let authority = '';

beforeAll(async () => {
  house = await servePhones(asked, dist, around);
  authority = await (await fetch(`${house.here}/house/zolder-house.pem`)).text();
});
afterAll(() => {
  house.close();
  rmSync(folder, { recursive: true });
});

const securePort = () => Number(new URL(house.told.address).port);

/** The certificate the server shows for a name, where the authority vouches for it. */
const certificateFor = (servername: string) =>
  new Promise<PeerCertificate>((resolve, reject) => {
    const socket = connect(
      { port: securePort(), host: '127.0.0.1', servername, ca: authority },
      () => {
        resolve(socket.getPeerCertificate());
        socket.end();
      },
    );
    socket.on('error', reject);
  });

/** What the app answers when it is asked by a name. */
const answerAt = (path: string, host: string) =>
  new Promise<{ status: number; location: string; headers: Record<string, unknown> }>(
    (resolve, reject) => {
      request(
        {
          port: securePort(),
          host: '127.0.0.1',
          servername: 'localhost',
          path,
          ca: authority,
          headers: { host },
        },
        ({ statusCode = 0, headers }) =>
          resolve({ status: statusCode, location: headers.location ?? '', headers }),
      )
        .on('error', reject)
        .end();
    },
  );

test('the app is at one address over HTTPS, the page that helps over plain HTTP', async () => {
  expect(house.told.address).toBe(`https://192.168.1.20:${securePort()}`);
  expect(house.told.help).toMatch(/^http:\/\/192\.168\.1\.20:\d+$/);
  expect((await certificateFor('kitchen.local')).subjectaltname).toContain('192.168.1.20');
  const own = new URL(house.told.address).host;
  expect((await answerAt('/tanks/t1?x=1', own)).status).toBe(200);
  const away = await answerAt('/tanks/t1?x=1', `localhost:${securePort()}`);
  expect(away).toMatchObject({ status: 302, location: `${house.told.address}/tanks/t1?x=1` });
  const foreign = await answerAt('//elsewhere.example/x', 'localhost');
  expect(new URL(foreign.location).origin).toBe(house.told.address);
  expect((await answerAt('/trusted', 'localhost')).headers).toMatchObject({
    'cross-origin-resource-policy': 'cross-origin',
  });
});

test('nothing binds the host to HTTPS: the page that helps must stay reachable', async () => {
  const { headers } = await answerAt('/', new URL(house.told.address).host);
  expect(headers).not.toHaveProperty('strict-transport-security');
  expect((await fetch(house.here)).headers.has('strict-transport-security')).toBe(false);
});

test('the page that helps gives the authority to each kind of device, and its key to none', async () => {
  const page = await (await fetch(house.here)).text();
  expect(page).toContain(house.told.address);
  for (const byte of house.told.fingerprint.split(':').slice(0, 8)) expect(page).toContain(byte);
  for (const { file, steps } of DEVICE_KINDS) {
    expect(page).toContain(`href="/house/${file}"`);
    for (const step of steps) expect(page).toContain(step.replaceAll('&', '&amp;').slice(0, 30));
    const got = Buffer.from(await (await fetch(`${house.here}/house/${file}`)).arrayBuffer());
    expect(got.length).toBeGreaterThan(300);
    expect(got.toString('latin1')).not.toMatch(/PRIVATE KEY/);
  }
  const types = async (name: string) =>
    (await fetch(`${house.here}/house/${name}`)).headers.get('content-type');
  expect(await types('zolder-house.crt')).toContain('application/x-x509-ca-cert');
  expect(await types('zolder-house.mobileconfig')).toContain('application/x-apple-aspen-config');
});

test('no answer of either port, and no line of the terminal, holds a key', async () => {
  const key = JSON.parse(readFileSync(join(folder, 'house', 'authority.json'), 'utf8')) as Record<
    string,
    string
  >;
  const secret = key.keyPem!.split('\n')[1]!;
  const paths = [
    '/',
    '/house.json',
    '/house/authority.json',
    '/authority.json',
    '/house/zolder-house.pem',
  ];
  const bodies = await Promise.all(
    paths.map(async (path) => (await fetch(`${house.here}${path}`)).text()),
  );
  expect([...bodies, ...phonesWords(house)].join('\n')).not.toContain(secret);
  expect(readdirSync(join(folder, 'house')).sort()).toEqual([
    'address.json',
    'authority.json',
    'certificate.json',
  ]);
});

test('at the old address an old app retires, and every path leads to the page that helps', async () => {
  const worker = await (await fetch(`${house.here}/sw.js`)).text();
  expect(worker).toContain('unregister');
  expect(worker).not.toContain('keeps-the-app');
  const old = await fetch(`${house.here}/tanks/t1`, { redirect: 'manual' });
  expect(old.status).toBe(302);
  expect(old.headers.get('location')).toBe('/');
  expect(await (await fetch(`${house.here}/old-book`)).text()).toContain('content="take-along"');
});

test('a new address is in the certificate a look later, without a start anew', async () => {
  expect(await house.look()).toBeUndefined();
  addresses = ['192.168.1.77', '203.0.113.9'];
  expect(await house.look()).toContain('192.168.1.77');
  const renewed = await certificateFor('kitchen.local');
  expect(renewed.subjectaltname).toContain('192.168.1.77');
  expect(renewed.subjectaltname).not.toContain('192.168.1.20');
  expect(renewed.subjectaltname).not.toContain('203.0.113.9');
});

describe('the one address', () => {
  const chosen = (kept: string, facts: object) =>
    houseAddress(openHouseFolder(join(folder, kept)), {
      names: { hostName: 'kitchen', addresses: ['172.17.0.1', '192.168.1.20'] },
      inside: ['localhost', 'kitchen', 'kitchen.local', '127.0.0.1', '172.17.0.1', '192.168.1.20'],
      network: {
        outwardAddress: () => Promise.resolve('192.168.1.20'),
        resolve: () => Promise.resolve([]),
      },
      ...facts,
    });
  const leading = (to: string) => ({
    network: {
      outwardAddress: () => Promise.resolve('192.168.1.20'),
      resolve: () => Promise.resolve([to]),
    },
  });

  test('is the name where the name leads here, else the number packets leave by', async () => {
    expect(await chosen('a', leading('192.168.1.20'))).toEqual({ host: 'kitchen.local' });
    expect(await chosen('b', leading('192.168.1.99'))).toEqual({ host: '192.168.1.20' });
    expect(await chosen('c', {})).toEqual({ host: '192.168.1.20' });
    expect(await chosen('d', { kind: 'name' })).toEqual({ host: 'kitchen.local' });
  });

  test('stays what it was, and tells where it cannot', async () => {
    expect(await chosen('e', {})).toEqual({ host: '192.168.1.20' });
    expect(await chosen('e', leading('192.168.1.20'))).toEqual({ host: '192.168.1.20' });
    const moved = { inside: ['localhost', 'kitchen.local', '127.0.0.1', '10.0.0.5'] };
    expect(await chosen('e', moved)).toEqual({ host: '10.0.0.5', before: '192.168.1.20' });
    expect(await chosen('e', { ...moved, kind: 'name' })).toEqual({
      host: 'kitchen.local',
      before: '10.0.0.5',
    });
  });

  test('is none where there is no private network', async () => {
    expect(await chosen('f', { inside: ['localhost', '127.0.0.1'] })).toBeUndefined();
  });
});

describe('what follows npm start --', () => {
  test('this computer alone, unless the network or phones are asked for', () => {
    expect(readArguments([], {})).toMatchObject({ reach: 'here', start: 'demo', port: 4173 });
    expect(readArguments(['--network', '--own'], {})).toMatchObject({
      reach: 'network',
      start: 'own',
    });
    expect(asked).toMatchObject({ reach: 'phones', newAuthority: false, securePort: 0 });
  });

  test.each([
    [['--phone'], 'is not known'],
    [['--phones', '--network'], 'one of both'],
    [['--new-authority'], 'goes with --phones'],
    [['--phones', '--by-name', '--by-number'], 'one of both'],
  ])('%j is told: %s', (given, told) => {
    expect(() => readArguments(given, {})).toThrow(told);
  });

  test('a port that is none is told with its name', () => {
    expect(() => readArguments([], { SECURE_PORT: '99999' })).toThrow(/^SECURE_PORT must be/);
  });
});

test('the terminal names the address, the page that helps, and what was left out', () => {
  const words = phonesWords({
    told: { ...house.told, leftOut: ['203.0.113.9'], before: '192.168.1.3' },
    here: house.here,
    keysIn: '/somewhere',
  }).join('\n');
  expect(words).toContain(house.told.help);
  expect(words).toContain(house.told.fingerprint);
  expect(words).toMatch(/Left out.*203\.0\.113\.9/);
  expect(words).toMatch(/was 192\.168\.1\.3 before/);
  expect(words).toMatch(/[▀▄█]{5}/);
});
