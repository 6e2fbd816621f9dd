import type { PenAnswer, RoundAnswer, RoundStop, TankAnswer } from '@/book/answers';
import type { Verdict } from '@/core/verdict';
import { isOpen, roundHeadline, roundProgress } from './headline';

const round = (...stops: RoundStop[]): RoundAnswer => ({
  stops,
  ahead: [],
  stagesToday: [],
  stagesTomorrow: [],
  tankCount: 1,
  penCount: 1,
});
const tank = (name: string, ph: Verdict, ec: Verdict = 'in'): TankAnswer =>
  ({
    id: name,
    body: { name },
    latest: { ph: { judged: { verdict: ph } }, ec: { judged: { verdict: ec } } },
  }) as unknown as TankAnswer;
const pen = (code: string, word: string): PenAnswer =>
  ({ id: code, body: { code }, word, sides: [] }) as unknown as PenAnswer;
const stop = (about: object, more: Partial<RoundStop> = {}): RoundStop =>
  ({ key: JSON.stringify(about).slice(0, 60), done: false, ...about, ...more }) as RoundStop;

const read = (name: string, verdict: Verdict, more: Partial<RoundStop> = {}) =>
  stop({ kind: 'tank', tank: tank(name, verdict), missedDays: 0 }, more);
const missed = (name: string, missedDays: number) =>
  stop({ kind: 'tank', tank: tank(name, 'in'), missedDays });
const correct = (name: string, ph: Verdict, ec: Verdict = 'in', more: Partial<RoundStop> = {}) =>
  stop({ kind: 'correct', tank: tank(name, ph, ec), off: [] }, more);
const check = (code: string, word: string, overdueDays = 0, done = false) =>
  stop({ kind: 'pen', pen: pen(code, word), overdueDays }, { done });
const reread = (name: string) => stop({ kind: 'reread', tank: tank(name, 'high'), dueMs: 0 });
const care = (code: string) =>
  stop({ kind: 'care', pen: pen(code, 'ready'), what: ['cleanPh'], dueMs: 0 });
const lot = () => stop({ kind: 'lot', lot: { id: 'l' } });
const soak = (code: string) => stop({ kind: 'soak', pen: pen(code, 'soaking'), endMs: 0 });
const skipped = { skipped: { why: 'noTime', by: 'LV' } } as const;

test.each<[string, RoundStop[], string]>([
  ['nothing at all', [], 'All done for today.'],
  [
    'all done',
    [read('Basil', 'in', { done: true }), check('P1', 'ready', 0, true)],
    'All done for today.',
  ],
  [
    'tanks to read',
    [read('Basil', 'in'), read('Mint', 'in')],
    'Nothing looks wrong so far. 2 tanks to read.',
  ],
  [
    'a check due is not a quiet day',
    [check('P1', 'checkDue'), read('Basil', 'in')],
    'P1 is due for its check.',
  ],
  [
    'two checks due',
    [check('P1', 'checkDue'), check('P2', 'checkDue')],
    'P1 and P2 are due for their checks.',
  ],
  [
    'one overdue among them',
    [check('P1', 'checkDue', 3), check('P2', 'checkDue')],
    'The check of P1 is 3 days overdue.',
  ],
  [
    'several overdue',
    [check('P1', 'checkDue', 3), check('P2', 'checkDue', 1)],
    'The checks of P1 and P2 are overdue.',
  ],
  [
    'a pen not to be trusted is named in what to do',
    [check('P4', 'cantBeTrusted'), check('P1', 'checkDue')],
    'Pen P4 can’t be trusted. Check P4 first.',
  ],
  [
    'two never checked',
    [check('P1', 'unverified'), check('P2', 'unverified')],
    'Pens P1 and P2 were never checked. Check P1 and P2 first.',
  ],
  ['a tank out of band', [correct('Basil', 'high')], 'Basil: pH high.'],
  ['both its quantities', [correct('Basil', 'high', 'low')], 'Basil: pH high, EC low.'],
  [
    'a tank and a pen',
    [check('P4', 'cantBeTrusted'), correct('Basil', 'low')],
    'Basil: pH low, and pen P4 can’t be trusted. Check P4 first.',
  ],
  [
    'a tank and a check due',
    [check('P1', 'checkDue'), correct('Basil', 'low')],
    'Basil: pH low. P1 is due for its check.',
  ],
  ['two tanks', [correct('Basil', 'high'), read('Mint', 'low')], 'Basil and Mint are out of band.'],
  [
    'three tanks',
    [correct('Basil', 'high'), correct('Mint', 'low'), correct('Chard', 'low')],
    'Basil, Mint and 1 more are out of band.',
  ],
  ['only probably off', [read('Basil', 'probablyHigh')], 'Basil: pH probably high.'],
  [
    'probably off, and a pen nobody checked',
    [check('P1', 'unverified'), read('Basil', 'probablyHigh')],
    'Pen P1 was never checked. Check P1 first.',
  ],
  [
    'passed by on purpose: nothing is left',
    [correct('Basil', 'high', 'in', skipped), read('Mint', 'in', { done: true })],
    'Done for today, 1 stop passed by.',
  ],
  [
    'passed by is not out of band in the headline',
    [correct('Basil', 'high', 'in', skipped), read('Mint', 'in')],
    'Nothing looks wrong so far. 1 tank to read.',
  ],
  [
    'a dose to be read again',
    [reread('Basil'), read('Mint', 'in')],
    'Basil was dosed and waits to be read again.',
  ],
  [
    'two doses, and a check',
    [reread('Basil'), reread('Mint'), check('P1', 'checkDue')],
    'Basil and Mint were dosed and wait to be read again. P1 is due for its check.',
  ],
  ['a tank that was missed', [missed('Basil', 2)], 'Basil should have been read 2 days ago.'],
  [
    'two missed, a check overdue',
    [missed('Basil', 2), missed('Mint', 1), check('P1', 'checkDue', 1)],
    'The check of P1 is 1 day overdue. 2 tanks were not read in time.',
  ],
  [
    'care and a tank',
    [care('P1'), read('Basil', 'in')],
    'Nothing looks wrong so far. 1 tank to read. P1 is due for care.',
  ],
  ['care alone', [care('P1'), care('P2')], 'P1 and P2 are due for care.'],
  [
    'a lot past its date is not all done',
    [lot(), read('Basil', 'in', { done: true })],
    'Something is to be bought or thrown away.',
  ],
  [
    'a copy of the book is the last thing to do',
    [stop({ kind: 'copy', days: 31 }), read('Basil', 'in', { done: true })],
    'A copy of the book is to be saved.',
  ],
  ['a soak that runs is not all done', [soak('P1')], 'Only waiting is left.'],
])('%s', (_what, stops, headline) => {
  expect(roundHeadline(round(...stops))).toBe(headline);
});

/** Every kind of stop, open, done and passed by. */
const EACH = [
  read('Basil', 'in'),
  correct('Mint', 'high'),
  reread('Chard'),
  check('P1', 'checkDue', 2),
  care('P2'),
  lot(),
  soak('P3'),
];

test('over all combinations: all done is said exactly where no stop is open, quiet only where nothing is wrong or late', () => {
  for (let mask = 0; mask < 3 ** EACH.length; mask += 1) {
    const stops = EACH.map((one, at): RoundStop => {
      const state = Math.floor(mask / 3 ** at) % 3;
      return state === 0 ? one : state === 1 ? { ...one, done: true } : { ...one, ...skipped };
    });
    const said = roundHeadline(round(...stops));
    const open = stops.filter(isOpen);
    const isDone = said.startsWith('All done') || said.startsWith('Done for today');
    if (isDone !== (open.length === 0)) throw new Error(`${said}: ${open.map(({ kind }) => kind)}`);
    const wrong = open.some(
      ({ kind }) => kind === 'correct' || kind === 'reread' || kind === 'pen',
    );
    if (wrong && said.startsWith('Nothing looks wrong')) throw new Error(said);
  }
  expect(
    roundProgress(round(...EACH, read('Fig', 'in', { done: true }), read('Yam', 'in', skipped))),
  ).toBe('1 of 9 stops done, 1 passed by');
});
