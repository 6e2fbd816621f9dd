import { MINUTE_MS } from '@/core/units';
import { Pairing } from './pairing';

const pairingOf = (...digits: number[]) => {
  const left = [...digits];
  return new Pairing(() => left.shift() ?? 999_999);
};

test('a code holds for five minutes and once', () => {
  const pairing = pairingOf(42, 123_456);
  expect(pairing.shown(0)).toEqual({ code: '000042', untilMs: 5 * MINUTE_MS });
  expect(pairing.shown(MINUTE_MS)).toEqual({ code: '000042', untilMs: 5 * MINUTE_MS });
  expect(pairing.tried('000042', 5 * MINUTE_MS - 1)).toBe('paired');
  expect(pairing.tried('000042', 5 * MINUTE_MS - 1)).toBe('wrong');
  expect(pairing.shown(5 * MINUTE_MS)).toMatchObject({ code: '123456' });
  expect(pairing.tried('123456', 10 * MINUTE_MS)).toBe('wrong');
});

test('no code is taken before one was shown', () => {
  expect(pairingOf(0).tried('000000', 0)).toBe('wrong');
});

test('five wrong codes lock for a minute; the right one is then thrown away', () => {
  const pairing = pairingOf(111_111, 222_222);
  pairing.shown(0);
  const wrong = Array.from({ length: 5 }, () => pairing.tried('999999', 1000));
  expect(wrong).toEqual(['wrong', 'wrong', 'wrong', 'wrong', 'locked']);
  expect(pairing.tried('111111', 2000)).toBe('locked');
  expect(pairing.shown(2000)).toEqual({ lockedUntilMs: 1000 + MINUTE_MS });
  const later = 1000 + MINUTE_MS;
  expect(pairing.tried('111111', later)).toBe('wrong');
  expect(pairing.shown(later)).toMatchObject({ code: '222222' });
  expect(pairing.tried('222222', later)).toBe('paired');
});

test('it locks again at every five', () => {
  const pairing = pairingOf(1, 2, 3);
  for (const round of [1, 2, 3]) {
    const nowMs = round * 2 * MINUTE_MS;
    pairing.shown(nowMs);
    const tried = Array.from({ length: 5 }, () => pairing.tried('777777', nowMs));
    expect(tried.filter((one) => one === 'locked')).toHaveLength(1);
  }
});
