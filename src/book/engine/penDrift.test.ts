import { careFor } from '@/acts';
import type { BodyOf } from '@/records';
import { penFromProfile } from '@/records/profiles';
import { penDetailAnswer, pensAnswer } from './penAnswers';
import { profile } from '@/records/testing/plainCheck';
import { DAY_MS, checkedPen, diary } from './testing/diary';

/** A pen found 0.03 pH higher in both buffers each week, adjusted each time. */
function driftingPen(checks: number, pen: Partial<BodyOf<'pen'>> = {}) {
  const { book, did, write } = diary();
  const { penId, session } = checkedPen(did);
  write(0, {
    kind: 'pen',
    recordId: penId,
    body: { ...penFromProfile(profile, { code: 'P1', name: 'Pen' }), ...pen },
  });
  session(0, 7, 4.01, true);
  for (let week = 1; week < checks; week += 1) session(7 * week, 7.03, 4.04, true);
  const lastDay = 7 * (checks - 1);
  const detail = (day: number) => penDetailAnswer(book, penId, day * DAY_MS)!;
  const side = (day: number) => pensAnswer(book, day * DAY_MS)[0]!.sides[0]!;
  return { book, did, write, penId, detail, side, lastDay };
}

test('the chart has what was found and what was left, and a cloud that widens ahead', () => {
  const { detail, lastDay } = driftingPen(6);
  const [drift] = detail(lastDay + 1).drift;
  const found = drift!.points.filter(({ kind }) => kind === 'found').map(({ error }) => error);
  expect(found).toHaveLength(6);
  found.slice(1).forEach((error) => expect(error).toBeCloseTo(0.03, 2));
  const left = drift!.points.filter(({ kind }) => kind === 'left');
  left.forEach(({ error }) => expect(error).toBeCloseTo(0, 2));
  const lastMs = lastDay * DAY_MS;
  const ahead = drift!.curve.filter(({ atMs }) => atMs >= lastMs).map(({ expandedU }) => expandedU);
  expect(ahead.length).toBeGreaterThan(5);
  ahead.slice(1).forEach((width, at) => expect(width).toBeGreaterThan(ahead[at]!));
  // Between two checks both ends hold it: narrower than ahead by as many days.
  const midway = drift!.curve.filter(({ atMs }) => atMs < lastMs).map(({ expandedU }) => expandedU);
  expect(Math.max(...midway.slice(6))).toBeLessThan(ahead.at(-1)!);
});

test('a date by its own drift comes with the second check, sooner for a stricter tolerance', () => {
  const due = (checks: number, tolerancePolicy: 'laboratory' | 'relaxed') => {
    const { detail, lastDay } = driftingPen(checks, { tolerancePolicy });
    const atMs = detail(lastDay).drift[0]!.dueByDriftMs;
    return atMs === undefined ? undefined : atMs / DAY_MS - lastDay;
  };
  expect(due(1, 'relaxed')).toBeUndefined();
  const [strict, relaxed] = [due(2, 'laboratory')!, due(2, 'relaxed')!];
  expect(strict).toBeGreaterThan(0);
  expect(strict).toBeLessThan(relaxed);
});

test('the longer since its check, the more of its ± is drift; the largest part leads', () => {
  const { side, lastDay } = driftingPen(4);
  const budget = (days: number) => side(lastDay + days).error!.budget;
  expect(budget(0).parts[0]!.source).not.toBe('drift');
  expect(budget(28).parts[0]!.source).toBe('drift');
  expect(budget(28).expandedU).toBeGreaterThan(budget(7).expandedU);
  const { parts, stdU } = budget(28);
  expect(Math.hypot(...parts.map((part) => part.stdU))).toBeCloseTo(stdU, 12);
});

test.each([
  ['daily', 1],
  ['weekly', 7],
  ['weeklyAdjust', 7],
  ['monthly', 30],
  ['quarterly', 30], // thirty days unused come first
] as const)('the school %s asks for a check %p days after the last', (checkPolicy, days) => {
  const { side, lastDay } = driftingPen(3, { checkPolicy });
  expect(side(lastDay).dueAtMs! / DAY_MS - lastDay).toBeCloseTo(days, 9);
  expect(side(lastDay + days + 0.1).word).not.toBe('ready');
});

test('by its own drift: weekly until the second check, then by what the model says', () => {
  const once = driftingPen(1, { checkPolicy: 'ownDrift' });
  expect(once.side(0).due).toEqual({ reason: 'policy', atMs: 7 * DAY_MS });
  const { side, detail, lastDay } = driftingPen(3, { checkPolicy: 'ownDrift' });
  const { due } = side(lastDay);
  expect(due).toEqual({ reason: 'ownDrift', atMs: detail(lastDay).drift[0]!.dueByDriftMs });
});

test('a pen checked before every use is due two hours after its check', () => {
  const { side, lastDay } = driftingPen(3, { checkPolicy: 'everyUse' });
  expect(24 * (side(lastDay).dueAtMs! / DAY_MS - lastDay)).toBeCloseTo(2, 6);
});

test('a knock forces a check at once, a new probe starts its line afresh', () => {
  const { did, penId, side, detail, lastDay } = driftingPen(6);
  const care = (what: 'knock' | 'newProbe', day: number) =>
    did(
      day,
      careFor({ penId, side: 'ph', what, at: new Date(day * DAY_MS).toISOString(), note: '' }),
    );
  care('knock', lastDay + 1);
  expect(side(lastDay + 1)).toMatchObject({
    word: 'checkDue',
    due: { reason: 'event', event: 'knock' },
  });
  care('newProbe', lastDay + 2);
  const [drift] = detail(lastDay + 3).drift;
  expect(drift!.incidentsMs.map((ms) => ms / DAY_MS)).toEqual([lastDay + 1, lastDay + 2]);
  expect(drift!.ageing?.gains).toHaveLength(0);
});
