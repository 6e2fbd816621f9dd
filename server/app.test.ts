import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeApp } from './app';
import { listeningWords } from './listening';

const dist = mkdtempSync(join(tmpdir(), 'zolder-dist-'));
mkdirSync(join(dist, 'js'));
writeFileSync(join(dist, 'index.html'), '<meta name="zolder-start" content="own" />');
writeFileSync(join(dist, 'js', `entry-${'a'.repeat(32)}.js`), '0');
let server: Server;
let url = '';

beforeAll(async () => {
  server = makeApp({ dist, start: 'demo' }).listen(0);
  await new Promise((resolve) => server.once('listening', resolve));
  const address = server.address();
  url = `http://localhost:${typeof address === 'object' ? address?.port : ''}`;
});
afterAll(() => {
  server.close();
  rmSync(dist, { recursive: true });
});

test('any deep link gets the page, told which book to open', async () => {
  const response = await fetch(`${url}/tanks/some-tank`);
  expect(response.status).toBe(200);
  expect(await response.text()).toContain('content="demo"');
  // What the service worker keeps is the same page.
  expect(await (await fetch(`${url}/index.html`)).text()).toContain('content="demo"');
});

test('a missing file is a 404, not the page', async () => {
  expect((await fetch(`${url}/js/missing.js`)).status).toBe(404);
});

test('scripts come from here alone, never inline, never evaluated', async () => {
  const policy = (await fetch(url)).headers.get('content-security-policy') ?? '';
  const directive = (name: string) =>
    policy
      .split(';')
      .find((part) => part.trim().startsWith(name))
      ?.trim();
  expect(directive('script-src')).toBe("script-src 'self'");
  expect(directive('default-src')).toBe("default-src 'self'");
  expect(directive('connect-src')).toBe("connect-src 'self'");
  expect(policy).not.toContain('unsafe-eval');
});

test('hashed files are kept for good, the page is asked for anew', async () => {
  const hashed = await fetch(`${url}/js/entry-${'a'.repeat(32)}.js`);
  expect(hashed.headers.get('cache-control')).toContain('immutable');
  expect((await fetch(url)).headers.get('cache-control')).toBe('no-cache');
  expect(await (await fetch(`${url}/health`)).json()).toEqual({ ok: true });
});

test('without a build it says what to do', () => {
  expect(() => makeApp({ dist: join(dist, 'js'), start: 'own' })).toThrow('npm start');
});

describe('what cannot be understood', () => {
  /** Sent as it is: fetch would mend the address. */
  const raw = (request: string) =>
    new Promise<string>((resolve, reject) => {
      const { hostname, port } = new URL(url);
      const socket = connect(Number(port), hostname, () => socket.end(request));
      let text = '';
      socket.on('data', (data) => (text += String(data)));
      socket.on('end', () => resolve(text));
      socket.on('error', reject);
    });

  test.each(['/%', '/%E0%A4%A', '/tanks/%ff', '/js/%2'])(
    '%s is a plain 400 without a stack',
    async (path) => {
      const answer = await raw(`GET ${path} HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n`);
      expect(answer).toMatch(/^HTTP\/1.1 400/);
      expect(answer).toContain('This address cannot be understood');
      expect(answer).not.toMatch(/node_modules|\.ts:|\.js:|at /);
    },
  );

  test('a path out of the folder gets nothing of the computer', async () => {
    const answer = await raw(
      'GET /..%2f..%2fetc/passwd HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n',
    );
    expect(answer).not.toContain('root:');
  });

  test('nothing is taken in: other methods and bodies are turned away', async () => {
    expect((await fetch(url, { method: 'POST', body: 'x' })).status).toBe(405);
    const answer = await raw(
      'GET / HTTP/1.1\r\nHost: x\r\nContent-Length: 99999\r\nConnection: close\r\n\r\n',
    );
    expect(answer).toMatch(/^HTTP\/1.1 413/);
  });
});

test('the lines at the start name the address it listens on, and what plain HTTP lacks', () => {
  expect(listeningWords(4173, undefined).join(' ')).toContain('Only this computer reaches it');
  const words = listeningWords(5000, ['192.168.1.20']).join(' ');
  expect(words).toContain('http://192.168.1.20:5000');
  expect(words).toContain('no install, no work offline');
  expect(listeningWords(5000, []).join(' ')).toContain('on no network');
});
