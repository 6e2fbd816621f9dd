import type { PenAnswer, PenSide, SessionRow } from '@/book/answers';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import {
  careDueLine,
  dueLine,
  errorLine,
  lastCheckLine,
  nextCheckLine,
  papersLine,
  pensSummary,
  reasonOf,
  sessionLine,
  penWords,
} from './penLines';

const DAY_MS = 86_400_000;
const now = new Date(2026, 4, 20, 10, 0).getTime();
const formats = makeFormats(DEFAULT_FORMATS);
const side = (more: object): PenSide =>
  ({
    quantity: 'ph',
    word: 'ready',
    policy: 'weekly',
    state: { standing: 'checked' },
    ...more,
  }) as PenSide;
const pen = (word: string, more: object = {}): PenAnswer =>
  ({
    word,
    body: {},
    openBench: [],
    sides: [side({ lastCheckMs: now - 2 * DAY_MS, dueAtMs: now + 5 * DAY_MS })],
    ...more,
  }) as unknown as PenAnswer;

const budget = (expandedU: number) => ({ stdU: expandedU / 2, expandedU, parts: [] });

test('the error stands with its ± and where', () => {
  expect(
    errorLine(side({ error: { atPh: 6, error: 0.024, budget: budget(0.051) } }), formats),
  ).toBe('+0.02 ± 0.05 pH, at pH 6');
  expect(errorLine(side({ error: { error: -0.006, budget: budget(0.014) } }), formats)).toBe(
    '−0.6 % ± 1.4 % in EC',
  );
  expect(errorLine(side({}), formats)).toBe('This pen’s error is not known yet');
});

test('the due date, or what comes before it', () => {
  expect(dueLine(pen('ready'), now)).toBe('check by Mon 25 May');
  expect(
    dueLine(pen('checkDue', { sides: [side({ lastCheckMs: 1, dueAtMs: now - 2 * DAY_MS })] }), now),
  ).toBe('check was due 2 d ago');
  expect(dueLine(pen('cantBeTrusted'), now)).toBe('check now');
  const lost = pen('gone', { body: { gone: { why: 'lost', at: '2026-05-02T09:00:00.000Z' } } });
  expect(dueLine(lost, now)).toBe('since Sat 2 May');
  expect(penWords(lost)).toBe('Lost');
  expect(dueLine(pen('unverified', { sides: [side({})] }), now)).toBe('check it in a buffer first');
  expect(dueLine(pen('ready', { openBench: ['ph'] }), now)).toContain('go on');
});

test('one side that missed does not condemn the other', () => {
  const words = (ph: string, ec: string) =>
    penWords({
      word: 'cantBeTrusted',
      body: pen('ready').body,
      sides: [side({ quantity: 'ph', word: ph }), side({ quantity: 'ec', word: ec })],
    });
  expect(words('ready', 'cantBeTrusted')).toBe('pH ready · EC can’t be trusted');
  expect(words('cantBeTrusted', 'cantBeTrusted')).toBe('Can’t be trusted');
});

test('the next check is told with its reason', () => {
  expect(
    nextCheckLine(side({ due: { reason: 'never' }, policy: 'weekly' }), now, 'soaking'),
  ).toMatch(/^Next check: when the soak is over\./);
  const line = (due: object, policy = 'weekly') => nextCheckLine(side({ due, policy }), now);
  const in5 = now + 5 * DAY_MS;
  expect(line({ reason: 'policy', atMs: in5 })).toBe(
    'Next check: by Mon 25 May; you check it every week.',
  );
  expect(line({ reason: 'unused', atMs: in5 }, 'quarterly')).toContain('thirty days unused');
  expect(line({ reason: 'event', event: 'knock', atMs: now - DAY_MS })).toBe(
    'Next check: due since Tue 19 May; it had a knock.',
  );
  expect(line({ reason: 'noDate' }, 'onlyWhenDoubted')).toContain('only when in doubt');
  expect(line({ reason: 'never' })).toContain('never been in a buffer');
});

test('the list in one line', () => {
  expect(pensSummary([pen('ready'), pen('ready'), pen('cantBeTrusted')])).toBe(
    '2 ready, 1 can’t be trusted.',
  );
  expect(pensSummary([])).toBe('');
});

test('a session: as found and as left in each cup, repeats by their last value', () => {
  const read = (phase: string, cupId: string, shown: number) => ({
    type: 'read',
    phase,
    cupId,
    shown,
    atMs: 0,
  });
  const row = {
    body: {
      plan: {
        quantity: 'ph',
        resolution: 0.01,
        cups: [{ id: '7', quantity: 'ph', buffer: { nominalPh: 7 } }],
      },
      events: [read('asFound', '7', 7.15), read('asLeft', '7', 7.1), read('asLeft', '7', 7.02)],
    },
  } as unknown as SessionRow;
  expect(sessionLine(row, formats)).toBe('7.00 buffer: found 7.15 pH, left 7.02 pH');
});

test('never checked is said plainly', () => {
  expect(lastCheckLine(side({}), now)).toBe('never checked');
  expect(lastCheckLine(side({ lastCheckMs: now - 2 * DAY_MS }), now)).toBe(
    'checked 2 d ago (Mon 18 May)',
  );
});

test('care by use, in a sentence; nothing where the policy sets no date', () => {
  const due = { side: 'ph' as const, heavyUse: true };
  expect(careDueLine({ ...due, cleanAtMs: now + DAY_MS, soakAtMs: now }, now)).toBe(
    'pH probe: clean it tomorrow, soak it today, it is in heavy use.',
  );
  expect(careDueLine({ side: 'ec', heavyUse: false, cleanAtMs: now - 2 * DAY_MS }, now)).toBe(
    'EC face: clean it now, it is overdue.',
  );
  expect(careDueLine(due, now)).toBe('');
});

test('a state is told with the reason that made it so', () => {
  const reason = (word: PenSide['word'], more: object) =>
    reasonOf({ word, sides: [side({ word, due: { reason: 'never' }, ...more })] });
  expect(reason('cantBeTrusted', { leftOut: true })).toMatch(
    /check failed and it was not adjusted/,
  );
  expect(reason('cantBeTrusted', { leftOut: false })).toMatch(/cannot be told well enough/);
  expect(reason('checkDue', { due: { reason: 'event', event: 'knock', atMs: 1 } })).toBe(
    'Check due: it had a knock.',
  );
  expect(reason('checkDue', { due: { reason: 'policy', atMs: 1 } })).toMatch(
    /The time you chose between checks/,
  );
  expect(reason('checkDue', { due: { reason: 'off', atMs: 1 } })).toMatch(/adjust it/);
  const withCode = { reason: 'disagrees', withCode: 'P1', atMs: 1 };
  expect(reason('checkDue', { due: withCode })).toMatch(/disagreed with P1/);
  expect(reason('cantBeTrusted', { state: { standing: 'broken' } })).toMatch(
    /cracked bulb.*swapped/,
  );
  // An event of the past is no reason once the pen is ready again.
  expect(reason('ready', { due: { reason: 'event', event: 'knock', atMs: 1 } })).toMatch(
    /last check was good/,
  );
});

test('papers are one line of what somebody wrote down', () => {
  const papers = {
    serial: 'A1',
    boughtOn: '',
    guaranteeUntil: '2027',
    certificate: '',
    batteries: '',
  };
  expect(papersLine({ papers })).toBe('no. A1 · guarantee until 2027');
  expect(papersLine({})).toBe('');
});
