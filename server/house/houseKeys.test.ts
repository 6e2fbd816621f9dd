import { X509Certificate, createPrivateKey } from 'node:crypto';
import { mkdtempSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openHouseFolder } from './houseFolder';
import { fingerprintOf, houseKeys } from './houseKeys';
import { vouchedFor } from './machineNames';
import { isPermitted } from './permitted';

const NOW_MS = Date.UTC(2026, 4, 1);
const DAY_MS = 86_400_000;
const NAMES = { hostName: 'kitchen', addresses: ['192.168.1.20', 'fe80::1c2'] };

let path = '';
beforeEach(() => {
  path = mkdtempSync(join(tmpdir(), 'zolder-house-'));
});
afterEach(() => rmSync(path, { recursive: true }));

const keysAt = (nowMs: number, names = NAMES, newAuthority = false) =>
  houseKeys(openHouseFolder(path), { names, nowMs, newAuthority });

test.each([
  ['192.168.1.20', true],
  ['10.255.0.1', true],
  ['172.31.0.1', true],
  ['172.32.0.1', false],
  ['8.8.8.8', false],
  ['fe80::1', true],
  ['2001:db8::1', false],
  ['localhost', true],
  ['kitchen', true],
  ['Kitchen.local', true],
  ['kitchen.home.arpa', true],
  ['pantry', false],
  ['zolder.example', false],
  ['notlocal', false],
])('whether a house may vouch for %s: %s', (name, allowed) => {
  expect(isPermitted(name, 'kitchen')).toBe(allowed);
});

test('an authority of ten years and a certificate of a year, as phones want them', async () => {
  const { authorityPem, certificate, vouched, renewed } = await keysAt(NOW_MS);
  const authority = new X509Certificate(authorityPem);
  const own = new X509Certificate(certificate.certificatePem);
  expect(renewed).toBe(true);
  expect(authority.ca).toBe(true);
  expect(authority.verify(authority.publicKey)).toBe(true);
  expect(own.ca).toBe(false);
  expect(own.checkIssued(authority)).toBe(true);
  expect(own.verify(authority.publicKey)).toBe(true);
  expect(own.checkPrivateKey(createPrivateKey(certificate.keyPem))).toBe(true);
  const days = (Date.parse(own.validTo) - Date.parse(own.validFrom)) / DAY_MS;
  expect(days).toBeLessThanOrEqual(398);
  expect(Date.parse(own.validFrom)).toBeLessThan(NOW_MS);
  expect(vouched.outside).toEqual([]);
  expect(vouched.inside).toEqual([
    'localhost',
    'kitchen',
    'kitchen.local',
    '127.0.0.1',
    '::1',
    '192.168.1.20',
    'fe80::1c2',
  ]);
  for (const name of ['localhost', 'kitchen', 'kitchen.local'])
    expect(own.checkHost(name)).toBeDefined();
  for (const address of ['192.168.1.20', '127.0.0.1', 'fe80::1c2'])
    expect(own.checkIP(address)).toBeDefined();
  expect(own.checkIP('192.168.1.21')).toBeUndefined();
  expect(fingerprintOf(authorityPem)).toMatch(/^([0-9A-F]{2}:){31}[0-9A-F]{2}$/);
});

test('what lies outside is left out and told, never signed', async () => {
  const names = { hostName: 'kitchen.example.net', addresses: ['192.168.1.20', '203.0.113.9'] };
  const before = await keysAt(NOW_MS);
  const { certificate, vouched, renewed } = await keysAt(NOW_MS, names);
  expect(before.renewed && renewed).toBe(true);
  expect(vouched.outside).toEqual(['kitchen.example.net', '203.0.113.9']);
  const own = new X509Certificate(certificate.certificatePem);
  expect(own.subjectAltName).not.toContain('203.0.113.9');
  expect(own.checkHost('kitchen.example.net')).toBeUndefined();
  expect(own.checkHost('kitchen.local')).toBe('kitchen.local');
});

test('the authority is made once; the certificate anew for a new address, and near its end', async () => {
  const first = await keysAt(NOW_MS);
  const same = await keysAt(NOW_MS + DAY_MS);
  expect(same.renewed).toBe(false);
  expect(same.certificate).toEqual(first.certificate);
  const moved = { ...NAMES, addresses: ['192.168.1.77'] };
  const elsewhere = await keysAt(NOW_MS + 2 * DAY_MS, moved);
  expect(elsewhere.renewed).toBe(true);
  expect(elsewhere.authorityPem).toBe(first.authorityPem);
  const own = new X509Certificate(elsewhere.certificate.certificatePem);
  expect(own.checkIP('192.168.1.77')).toBeDefined();
  expect(own.checkIP('192.168.1.20')).toBeUndefined();
  expect((await keysAt(NOW_MS + 360 * DAY_MS, moved)).renewed).toBe(false);
  expect((await keysAt(NOW_MS + 370 * DAY_MS, moved)).renewed).toBe(true);
});

test('another authority only when asked for', async () => {
  const first = await keysAt(NOW_MS);
  const asked = await keysAt(NOW_MS, NAMES, true);
  expect(asked.authorityPem).not.toBe(first.authorityPem);
  expect(asked.renewed).toBe(true);
  const own = new X509Certificate(asked.certificate.certificatePem);
  expect(own.verify(new X509Certificate(asked.authorityPem).publicKey)).toBe(true);
});

test('keys are read by their owner alone, and nothing half written stays', async () => {
  await keysAt(NOW_MS);
  expect(readdirSync(path).sort()).toEqual(['authority.json', 'certificate.json']);
  expect(statSync(path).mode & 0o777).toBe(0o700);
  for (const name of readdirSync(path)) expect(statSync(join(path, name)).mode & 0o777).toBe(0o600);
});

test('a damaged authority is told, not replaced: phones trust the old one', async () => {
  await keysAt(NOW_MS);
  writeFileSync(join(path, 'authority.json'), '{"certificatePem":');
  await expect(keysAt(NOW_MS)).rejects.toThrow('--new-authority');
  await expect(keysAt(NOW_MS, NAMES, true)).resolves.toMatchObject({ renewed: true });
});

test('a name twice is one name', () => {
  const names = { hostName: 'kitchen.local', addresses: ['192.168.1.20'] };
  expect(vouchedFor(names, 'kitchen.local').inside).toEqual([
    'localhost',
    'kitchen.local',
    '127.0.0.1',
    '::1',
    '192.168.1.20',
  ]);
});
