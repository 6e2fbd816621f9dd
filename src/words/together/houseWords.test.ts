import type { HouseStatus } from '@/book/client';
import { HOUSE_TROUBLE, houseAlarm, houseNotes, metLine } from './houseWords';

const NOW_MS = Date.UTC(2026, 4, 1, 12);
const HOUR_MS = 3_600_000;
const met = (more: Partial<HouseStatus> = {}): HouseStatus => ({
  paired: true,
  lastMetMs: NOW_MS - 4 * 60_000,
  waiting: 0,
  trouble: null,
  unread: 0,
  refused: 0,
  damaged: 0,
  ...more,
});

test('how a device stands with its house is one sentence', () => {
  expect(metLine(met(), NOW_MS)).toBe('Met the house 4 min ago; nothing waiting.');
  expect(metLine(met({ waiting: 1 }), NOW_MS)).toBe('Met the house 4 min ago; 1 save waiting.');
  expect(metLine(met({ waiting: 3, lastMetMs: null }), NOW_MS)).toBe(
    'Not met yet; 3 saves waiting.',
  );
  expect(metLine(met({ waiting: 'all' }), NOW_MS)).toContain('still to be compared');
});

test('what lasts is said on every screen; what passes by itself is not', () => {
  expect(houseAlarm(met(), NOW_MS)).toBeUndefined();
  expect(houseAlarm(met({ trouble: 'away', waiting: 5 }), NOW_MS)).toBeUndefined();
  expect(houseAlarm(met({ trouble: 'revoked' }), NOW_MS)).toBe(HOUSE_TROUBLE.revoked);
  expect(houseAlarm(met({ trouble: 'full' }), NOW_MS)).toBe(HOUSE_TROUBLE.full);
  const long = { trouble: 'away', waiting: 5, lastMetMs: NOW_MS - 25 * HOUR_MS } as const;
  expect(houseAlarm(met(long), NOW_MS)).toBe('Met the house yesterday; 5 saves waiting.');
  expect(houseAlarm(met({ ...long, waiting: 0 }), NOW_MS)).toBeUndefined();
  expect(houseAlarm({ ...met({ trouble: 'revoked' }), paired: false }, NOW_MS)).toBeUndefined();
});

test('what could not be taken is said, each by itself', () => {
  expect(houseNotes(met())).toEqual([]);
  expect(houseNotes(met({ unread: 1 }))).toEqual([
    'Some entries from a newer Zolder wait until this one is updated.',
  ]);
  expect(houseNotes(met({ refused: 2, damaged: 1 }))).toEqual([
    'Some entries of this book were refused by the house.',
    'Some entries from the house could not be understood.',
  ]);
});
