import { agrees, mixingOf, newestAgreed, type ReReading } from './index';

const MINUTE_MS = 60_000;
const at = (minutes: number, ph: number, digitPh = 0.01): ReReading => ({
  atMs: minutes * MINUTE_MS,
  ph,
  digitPh,
});
const usual = { betweenMinutes: 5 };

test.each([
  // Three turnovers, from ten to thirty minutes; beyond, half a turnover between the two readings.
  [100, 600, { firstMinutes: 30, betweenMinutes: 5 }],
  [100, 1200, { firstMinutes: 15, betweenMinutes: 5 }],
  [100, 6000, { firstMinutes: 10, betweenMinutes: 5 }],
  [900, 3000, { firstMinutes: 30, betweenMinutes: 9 }],
  [120, 600, { firstMinutes: 30, betweenMinutes: 6 }],
  [100, undefined, { firstMinutes: 30, betweenMinutes: 5 }],
  [50, undefined, { firstMinutes: 10, betweenMinutes: 5 }],
  [100, 0, { firstMinutes: 30, betweenMinutes: 5 }],
])('%p L, %p L/h', (volumeL, pump, mixing) => {
  expect(mixingOf(volumeL, pump)).toEqual(mixing);
});

test('two readings agree within 0.05, or one digit, five minutes apart', () => {
  expect(agrees(at(0, 5.37), at(5, 5.42), usual)).toBe(true);
  expect(agrees(at(0, 5.37), at(5, 5.43), usual)).toBe(false);
  expect(agrees(at(0, 5.37), at(4.9, 5.37), usual)).toBe(false);
  expect(agrees(at(0, 5.4, 0.1), at(5, 5.5, 0.1), usual)).toBe(true);
  expect(agrees(at(0, 5.4), at(12, 5.4), { betweenMinutes: 20 })).toBe(false);
});

test('the newest that agrees counts; a walk of small steps never does', () => {
  expect(newestAgreed([at(0, 6), at(5, 5.8), at(10, 5.77)], usual)).toBe(2);
  expect(newestAgreed([at(0, 6), at(5, 5.98), at(10, 5.6)], usual)).toBe(1);
  expect(newestAgreed([at(0, 6), at(5, 5.9), at(10, 5.8)], usual)).toBe(-1);
  // Too soon after the one before, but not after the one before that.
  expect(newestAgreed([at(0, 6), at(3, 6.01), at(6, 6.02)], usual)).toBe(2);
  expect(newestAgreed([at(0, 6)], usual)).toBe(-1);
});
