import { lotState, openLifeDays, type LotFacts } from './index';

const DAY_MS = 86_400_000;
const now = Date.UTC(2026, 5, 1);
const bottle = (more: Partial<LotFacts>): LotFacts => ({
  kind: 'buffer',
  form: 'bottle',
  nominal: 7,
  ...more,
});

test('an opened 10.01 is too old after a month, a 7.00 after three', () => {
  const opened = { openedAtMs: now - 40 * DAY_MS };
  expect(lotState(bottle({ nominal: 10.01, ...opened }), now).word).toBe('tooOld');
  expect(lotState(bottle(opened), now).word).toBe('good');
  expect(lotState(bottle({ openedAtMs: now - 91 * DAY_MS }), now).word).toBe('tooOld');
});

test('the printed expiry rules even when freshly opened', () => {
  const lot = bottle({ expiresAtMs: now - DAY_MS, openedAtMs: now - DAY_MS });
  expect(lotState(lot, now)).toMatchObject({ word: 'expired', goodUntilMs: now - DAY_MS });
});

test('within two weeks of its end it says soon', () => {
  expect(lotState(bottle({ expiresAtMs: now + 10 * DAY_MS }), now).word).toBe('soon');
  expect(lotState(bottle({ expiresAtMs: now + 20 * DAY_MS }), now).word).toBe('good');
});

test('portions: 20 mL each from a bottle, one a sachet, none is empty', () => {
  expect(lotState(bottle({ left: 95 }), now).portionsLeft).toBe(4);
  expect(lotState(bottle({ form: 'sachet', left: 3 }), now).portionsLeft).toBe(3);
  expect(lotState(bottle({ left: 15 }), now).word).toBe('empty');
});

test('life after opening by what it is', () => {
  expect(openLifeDays(bottle({ form: 'dissolvedSachet' }))).toBe(30);
  expect(openLifeDays({ kind: 'ecStandard', form: 'bottle', nominal: 1.413 })).toBe(90);
});
