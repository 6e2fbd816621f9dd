import { penWord, worstWord } from './index';

const facts = { checked: true, leftOut: false, expandedU: 0.02, trustedBelow: 0.2, nowMs: 10 };

test('never checked, out and not adjusted, too unsure, due, ready', () => {
  expect(penWord({ ...facts, checked: false })).toBe('unverified');
  // A pen that is gone is nothing else: no soak, no check due.
  expect(penWord({ ...facts, checked: false, soakUntilMs: Infinity, gone: true })).toBe('gone');
  expect(penWord({ ...facts, leftOut: true })).toBe('cantBeTrusted');
  expect(penWord({ ...facts, expandedU: 0.21 })).toBe('cantBeTrusted');
  expect(penWord({ ...facts, dueAtMs: 10 })).toBe('checkDue');
  expect(penWord({ ...facts, dueAtMs: 11 })).toBe('ready');
});

test('broken counts before all else, an event explains why it is unsure, unknown is never trusted', () => {
  expect(penWord({ ...facts, broken: true, eventDue: true })).toBe('cantBeTrusted');
  expect(penWord({ ...facts, eventDue: true, expandedU: 0.3, unknown: true })).toBe('checkDue');
  expect(penWord({ ...facts, unknown: true })).toBe('cantBeTrusted');
  expect(penWord({ ...facts, expandedU: 0.2 })).toBe('ready');
});

test('a pen is as good as its worst side', () => {
  expect(worstWord(['ready', 'checkDue'])).toBe('checkDue');
  expect(worstWord(['ready', 'cantBeTrusted', 'unverified'])).toBe('cantBeTrusted');
  expect(worstWord([])).toBe('ready');
});

test('a probe in its soak is unready whatever else holds, and a pen at rest is not due', () => {
  expect(penWord({ ...facts, checked: false, soakUntilMs: 11 })).toBe('soaking');
  expect(penWord({ ...facts, soakUntilMs: 10 })).toBe('ready');
  expect(penWord({ ...facts, resting: true, dueAtMs: 1 })).toBe('resting');
  expect(worstWord(['soaking', 'checkDue'])).toBe('soaking');
});
