import type { DriftAnswer, LookBackAnswer } from '@/book/answers';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { driftSentence, lifeSentence, warningSentence } from './driftWords';
import { lookBackHeadline, lookBackStory } from './lookBackWords';

const formats = makeFormats(DEFAULT_FORMATS);
const nowMs = new Date(2026, 10, 25, 10).getTime();
const DAY_MS = 86_400_000;
const point = (daysAgo: number, error: number) =>
  ({ atMs: nowMs - daysAgo * DAY_MS, kind: 'found', error, expandedU: 0.03 }) as const;
const drift = (more: Partial<DriftAnswer>): DriftAnswer => ({
  quantity: 'ph',
  points: [point(14, 0.02), point(7, 0.09)],
  curve: [],
  tolerance: { low: -0.05, high: 0.05, digit: 0.01 },
  incidentsMs: [],
  ...more,
});

test('the sentence tells the newest error, the record and the date by own drift', () => {
  expect(driftSentence(drift({}), formats, nowMs)).toBe(
    'Last found +0.09 pH off. Out of tolerance at 1 of 2 checks.',
  );
  expect(driftSentence(drift({ points: [point(7, 0.02)] }), formats, nowMs)).toMatch(
    /Its only check was good\. From the second check on, Zolder suggests the date/,
  );
  const dated = drift({ points: [point(7, 0.02)], dueByDriftMs: nowMs + 3 * DAY_MS });
  expect(driftSentence(dated, formats, nowMs)).toContain(
    'Its only check was good. By its own drift it may leave its tolerance by Sat 28 Nov.',
  );
  const both = { dueByDriftMs: nowMs + DAY_MS, dueIfAdjustedMs: nowMs + 6 * DAY_MS };
  expect(driftSentence(drift(both), formats, nowMs)).toContain(
    'Adjusted now, it would hold for 6 days.',
  );
  const sooner = { dueByDriftMs: nowMs + 9 * DAY_MS, dueIfAdjustedMs: nowMs + 6 * DAY_MS };
  expect(driftSentence(drift(sooner), formats, nowMs)).not.toContain('Adjusted');
  const past = drift({ dueByDriftMs: nowMs - 4 * DAY_MS });
  expect(driftSentence(past, formats, nowMs)).toContain('it may have left its tolerance 4 d ago.');
});

test('of the slope only what was seen of it', () => {
  const life = { ageDays: 61, warnings: [] };
  const words = (more: Partial<DriftAnswer>) => lifeSentence(drift({ life, ...more }), formats);
  expect(words({ slopeSeen: false })).toContain('One buffer was used');
  expect(words({ slopeSeen: true })).toBe(
    'Probe 2 months in use. Too few checks yet to tell how fast its slope falls.',
  );
  const gainTrend = { slope: -0.0005, slopeInterval: [-0.001, 0] } as never;
  expect(words({ slopeSeen: true, life: { ...life, gainTrend } })).toContain('loses 1.5 % a month');
  expect(lifeSentence(drift({}), formats)).toBeUndefined();
});

test('each warning says which sign of age it is', () => {
  expect(warningSentence({ reason: 'wornGain', gain: 0.88, limit: 0.9 }, formats)).toContain(
    '88 %',
  );
  expect(warningSentence({ reason: 'slowSettling', times: 3.4, limit: 3 }, formats)).toContain(
    '3.4 times slower',
  );
});

describe('the look-back in words', () => {
  const answer = (more: Partial<LookBackAnswer>): LookBackAnswer => ({
    penId: 'p',
    penCode: 'P4',
    quantity: 'ph',
    fromMs: nowMs - 14 * DAY_MS,
    toMs: nowMs,
    errorFrom: -0.02,
    errorTo: 0.38,
    atPh: 6,
    tolerance: { low: -0.05, high: 0.05 },
    curve: [],
    isFirst: false,
    afterCleaning: false,
    rows: [],
    turnedCount: 0,
    wrongDoseCount: 0,
    ...more,
  });
  const rows = Array.from({ length: 8 }) as never;

  test('what changes stands first', () => {
    expect(lookBackHeadline(answer({ rows, turnedCount: 6, wrongDoseCount: 1 }), formats)).toBe(
      'P4 read 0.38 pH high. Six readings change, one dose was made on a wrong number.',
    );
    expect(lookBackHeadline(answer({ rows }), formats)).toBe(
      'P4 read 0.38 pH high. No verdict changes.',
    );
    expect(lookBackHeadline(answer({ errorTo: -0.1 }), formats)).toBe(
      'P4 read 0.10 pH low. No reading lies between the two checks.',
    );
  });

  test('the story says from where to where, and that cleaning makes it a lower bound', () => {
    const story = lookBackStory(answer({ rows, afterCleaning: true }), formats);
    expect(story).toContain('it moved from −0.02 pH to +0.38 pH, at pH 6.');
    expect(story).toContain('All 8 readings between');
    expect(lookBackStory(answer({ rows, isFirst: true }), formats)).toContain(
      'Its first check, on Wed 25 Nov, found it +0.38 pH off, at pH 6. Before,',
    );
    expect(story).toContain('at least this much');
  });
});
