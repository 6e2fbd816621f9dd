import { actFailureSentence, openingFailureSentence } from './failureWords';
import {
  aheadSentence,
  clockJumpSentence,
  healthSentences,
  partsByMonth,
  type HealthFacts,
} from './healthWords';
import { parseMoment, writeMoment } from './moments';
import { axisWriter, shortDay } from './when';

const SOUND: HealthFacts = {
  setAside: [],
  missing: [],
  listDamaged: false,
  twoContents: 0,
  broughtBack: 0,
  readOnly: false,
  spoiled: [],
};

test('a sound book says nothing', () => {
  expect(healthSentences(SOUND)).toEqual([]);
});

test('parts are added up by kind and month, with their plural', () => {
  expect(
    partsByMonth([
      { count: 500, kind: 'reading', month: '202607' },
      { count: 12, kind: 'reading', month: '202607' },
      { count: 1, kind: 'session', month: '202605' },
      { count: 2 },
    ]),
  ).toBe('512 readings of July 2026, 1 check of May 2026, 2 entries');
});

test('each thing that is wrong has its sentence, the gravest first', () => {
  const sentences = healthSentences({
    ...SOUND,
    setAside: [{ count: 20, kind: 'reading', month: '202606' }],
    missing: [{ count: 500, kind: 'reading', month: '202606' }],
    broughtBack: 1,
    listDamaged: true,
    twoContents: 2,
    spoiled: ['P2', 'Basil'],
  });
  expect(sentences.map((sentence) => sentence.slice(0, 28))).toEqual([
    '500 readings of June 2026 ar',
    'Could not be read: 20 readin',
    'The numbers of P2, Basil cou',
    '1 entry of the last month ha',
    'The list of what this book h',
    '2 entries came with two diff',
  ]);
});

test('what a newer Zolder wrote is not called damaged', () => {
  const facts = { ...SOUND, readOnly: true, setAside: [{ count: 3 }] };
  expect(healthSentences(facts)).toEqual([
    'A newer Zolder wrote part of this book. Here it can be read and saved, not added to: load the new version.',
  ]);
});

test('entries of the future bear their year', () => {
  const newestMs = new Date(2027, 4, 1, 7, 30).getTime();
  expect(aheadSentence({ count: 1, newestMs })).toBe(
    '1 entry is dated later than now, up to Sat 1 May 2027 07:30. A clock was wrong. Until you say which, nothing is judged by it.',
  );
  expect(aheadSentence({ count: 2, newestMs })).toContain('2 entries are dated');
});

test('a clock that jumped is told with both moments', () => {
  const fromMs = new Date(2026, 4, 1, 7, 30).getTime();
  const toMs = new Date(2025, 4, 1, 7, 30).getTime();
  const words = clockJumpSentence({ byMs: toMs - fromMs, fromMs, toMs });
  expect(words).toContain(
    'went back: it was Fri 1 May 2026 07:30, now it says Thu 1 May 2025 07:30',
  );
  expect(clockJumpSentence({ byMs: 1, fromMs, toMs })).toContain('jumped ahead');
});

test('a failure says why and what to do', () => {
  const named = (name: string, message = '') => Object.assign(new Error(message), { name });
  expect(actFailureSentence(named('QuotaExceededError'))).toContain('storage is full');
  expect(actFailureSentence(named('ReadOnlyBook', 'newer'))).toContain('Load the new version');
  expect(actFailureSentence(named('ErasedTime'))).toContain('Look at the date');
  expect(actFailureSentence(named('StillKept'))).toContain('kept longer');
  expect(actFailureSentence(named('UnknownError', 'boom'))).toContain('boom');
  expect(openingFailureSentence('SecurityError: denied')).toContain('ordinary window');
  expect(openingFailureSentence('QuotaExceededError')).toContain('storage is full');
  expect(openingFailureSentence('it hangs')).toContain('it hangs');
});

describe('moments', () => {
  test('are written and read back, and what is none is refused', () => {
    const ms = new Date(2026, 6, 31, 7, 5).getTime();
    expect(writeMoment(ms)).toBe('2026-07-31 07:05');
    expect(parseMoment('2026-07-31 07:05')).toBe(ms);
    expect(parseMoment(' 2026-7-31T7:05 ')).toBe(ms);
    for (const typed of ['', 'yesterday', '2026-02-31 07:00', '2026-07-31', '2026-07-31 25:00'])
      expect(parseMoment(typed)).toBeUndefined();
  });
});

describe('the year stands in every date that is not of the last eleven months', () => {
  const nowMs = new Date(2026, 10, 26).getTime();
  test.each([
    [new Date(2026, 10, 20), 'Fri 20 Nov'],
    [new Date(2026, 0, 5), 'Mon 5 Jan'],
    [new Date(2025, 10, 20), 'Thu 20 Nov 2025'],
    [new Date(2026, 11, 24), 'Thu 24 Dec'],
    [new Date(2027, 10, 26), 'Fri 26 Nov 2027'],
  ])('%s', (day, words) => {
    expect(shortDay(day.getTime(), nowMs)).toBe(words);
  });

  test('an axis of days long ago too', () => {
    const write = (year: number) => {
      const from = new Date(year, 5, 1).getTime();
      return axisWriter([from, from + 10 * 86_400_000], nowMs)(from);
    };
    expect([write(2026), write(2024)]).toEqual(['1 Jun', '1 Jun 2024']);
  });
});
