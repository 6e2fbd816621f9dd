import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import type { Server } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeApp } from './app';

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
