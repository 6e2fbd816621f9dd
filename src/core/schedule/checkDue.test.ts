import { checkDue, type DueFacts } from './index';
import { utcDays } from './testing';

const DAY_MS = 86_400_000;
const facts = (more: Partial<DueFacts>): DueFacts => ({
  policy: 'weekly',
  days: utcDays,
  lastCheckMs: 100 * DAY_MS,
  lastUseMs: 102 * DAY_MS,
  usesSinceCheck: 4,
  events: [],
  ...more,
});

test.each([
  ['everyUse', 100 + 2 / 24],
  ['daily', 101],
  ['weekly', 107],
  ['weeklyAdjust', 107],
  ['monthly', 130],
] as const)('%s falls due on day %p', (policy, day) => {
  expect(checkDue(facts({ policy }))).toEqual({ reason: 'policy', atMs: day * DAY_MS });
});

test('after a number of uses: no date before, at once when they are used up', () => {
  const uses = { policy: 'afterUses', usesAllowed: 5 } as const;
  // Without a date of its own, thirty days unused still forces one.
  expect(checkDue(facts(uses))).toEqual({ reason: 'unused', atMs: 132 * DAY_MS });
  expect(checkDue(facts({ ...uses, usesSinceCheck: 5 }))).toEqual({
    reason: 'uses',
    atMs: 102 * DAY_MS,
  });
});

test('by own drift once it is known, weekly until then', () => {
  expect(checkDue(facts({ policy: 'ownDrift' }))).toMatchObject({ atMs: 107 * DAY_MS });
  expect(checkDue(facts({ policy: 'ownDrift', ownDriftDueMs: 119 * DAY_MS }))).toEqual({
    reason: 'ownDrift',
    atMs: 119 * DAY_MS,
  });
});

test('thirty days unused rules over a later date, in every school', () => {
  const due = checkDue(facts({ policy: 'quarterly', lastUseMs: 105 * DAY_MS }));
  expect(due).toEqual({ reason: 'unused', atMs: 135 * DAY_MS });
});

test('the first event since the check forces the next at once; older ones do not', () => {
  const due = checkDue(
    facts({
      events: [
        { event: 'knock', atMs: 99 * DAY_MS },
        { event: 'newBattery', atMs: 104 * DAY_MS },
        { event: 'dryOut', atMs: 103 * DAY_MS },
      ],
    }),
  );
  expect(due).toEqual({ reason: 'event', event: 'dryOut', atMs: 103 * DAY_MS });
});

test('no check yet is never', () => {
  expect(checkDue(facts({ lastCheckMs: undefined }))).toEqual({ reason: 'never' });
});

test('off its tolerance, or contradicted by a surer pen since its check: due at once', () => {
  expect(checkDue(facts({ isOff: true }))).toEqual({ reason: 'off', atMs: 100 * DAY_MS });
  const disagrees = { atMs: 103 * DAY_MS, withCode: 'P1', difference: 0.3 };
  expect(checkDue(facts({ isOff: true, disagrees }))).toEqual({
    reason: 'disagrees',
    ...disagrees,
  });
  const settled = { ...disagrees, atMs: 99 * DAY_MS };
  expect(checkDue(facts({ disagrees: settled })).reason).toBe('policy');
});

test('what is due is due for the day: from its first minute, whatever the hour of the last check', () => {
  const early = { lastCheckMs: 100 * DAY_MS + 7.67 * 3_600_000 };
  expect(checkDue(facts(early))).toEqual({ reason: 'policy', atMs: 107 * DAY_MS });
  expect(checkDue(facts({ ...early, lastCheckMs: 100.99 * DAY_MS }))).toMatchObject({
    atMs: 107 * DAY_MS,
  });
  const drift = { policy: 'ownDrift', ownDriftDueMs: 119.6 * DAY_MS } as const;
  expect(checkDue(facts(drift))).toMatchObject({ atMs: 119 * DAY_MS });
});
