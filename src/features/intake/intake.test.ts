import type { BookNames, TablePreview, TableSeen } from '@/book/answers';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import { howReadLines, isUnsure } from './howReadLines';
import {
  checkLine,
  previewSentences,
  readingLine,
  rejectedLines,
} from '@/words/intake/intakeLines';
import { choiceOf, firstWish, freeCode, LEAVE, MAKE, wishOf, withRole } from './wish';

const SEEN: TableSeen = {
  subject: 'readings',
  shape: { delimiter: ';', headAt: 2, mark: ',', dayOrder: 'dmy' },
  dayOrderUnsure: false,
  heads: ['Datum', 'pH', 'EC'],
  examples: [],
  rows: 3,
  roles: ['when', 'place', 'ph', 'ec'],
  columns: ['when', 'ph', 'ec'],
  units: { ecScale: 'µS/cm', tempUnit: '°C' },
  crops: ['basil', 'mint'],
  remembered: false,
};
const names = (pens: readonly string[]): BookNames => ({
  tanks: [],
  pens: pens.map((name) => ({ id: name, name, sides: ['ph'] })),
  lots: [],
  people: [],
});
const formats = makeFormats(DEFAULT_FORMATS);
const match = (choice: string, more = {}) => ({
  choice,
  volume: '',
  target: '',
  code: '',
  ...more,
});

describe('what the grower wishes', () => {
  test('a role is borne once: given to another column it leaves the first', () => {
    expect(withRole(SEEN, 2, 'ph').columns).toEqual(['when', null, 'ph']);
    expect(withRole(SEEN, 1, '').columns).toEqual(['when', null, 'ec']);
  });

  test('a new tank counts once its volume and bands are told, in litres of the book’s own unit', () => {
    const wish = (volume: string, target: string) =>
      wishOf({ ...firstWish(SEEN), places: { Mint: match(MAKE, { volume, target }) } }, 'US gal')
        .places.Mint;
    expect(wish('', '1')).toEqual({ as: 'leave' });
    expect(wish('10', '')).toEqual({ as: 'leave' });
    expect(wish('ten', '1')).toEqual({ as: 'leave' });
    expect(wish('10', '1')).toMatchObject({ as: 'made', name: 'Mint', target: 1 });
    expect((wish('10', '1') as { volumeL: number }).volumeL).toBeCloseTo(37.854, 3);
  });

  test('known, left out, not chosen; a cup’s temperature that is none counts as the usual', () => {
    const typed = {
      ...firstWish(SEEN),
      cupTempC: 'warm',
      places: { A: match('tank-1'), B: match(LEAVE), C: match('') },
      pens: { P: match(MAKE, { code: ' L1 ' }), Q: match(MAKE) },
    };
    expect(wishOf(typed, 'L')).toMatchObject({
      usualTempC: 20,
      places: { A: { as: 'known', id: 'tank-1' }, B: { as: 'leave' } },
      pens: { P: { as: 'made', code: 'L1' }, Q: { as: 'leave' } },
    });
    expect(Object.keys(wishOf(typed, 'L').places)).toEqual(['A', 'B']);
    expect(wishOf({ ...typed, cupTempC: '25,5' }, 'L').usualTempC).toBe(25.5);
  });

  test('a name shows what it seems to be until something is chosen', () => {
    const seen = { name: 'Basil', rows: 2, knownId: 'tank-1' };
    expect(choiceOf({}, seen).choice).toBe('tank-1');
    expect(choiceOf({ Basil: match(LEAVE) }, seen).choice).toBe(LEAVE);
    expect(choiceOf({}, { ...seen, name: 'constructor', knownId: null }).choice).toBe('');
  });

  test('a new pen’s code: its short name, else the next that is free', () => {
    expect(freeCode('a7', names([]), [])).toBe('A7');
    expect(freeCode('Probe 9', names(['L1 Logger']), ['L2'])).toBe('L3');
    expect(freeCode('P1', names(['P1 Pen']), [])).toBe('L1');
  });
});

test('how it is read, in sentences; what is unsure is asked at once', () => {
  expect(howReadLines(SEEN)).toEqual([
    'Cells parted by semicolons, decimals with a comma, dates as day, month, year.',
    '“Datum” is the date, or date and time. “pH” is the pH. “EC” is the EC.',
    'EC is in µS/cm.',
  ]);
  expect(isUnsure(SEEN)).toBe(false);
  expect(isUnsure({ ...SEEN, dayOrderUnsure: true })).toBe(true);
  expect(isUnsure({ ...SEEN, columns: ['when', null, null] })).toBe(true);
  expect(isUnsure({ ...SEEN, columns: [null, 'ph', null] })).toBe(true);
});

const PREVIEW: TablePreview = {
  subject: 'readings',
  ready: 12_345,
  doubled: 1,
  rejected: 3,
  reasons: [
    { reason: 'noPlace', count: 2 },
    { reason: 'notNumber', count: 1 },
  ],
  firstRejected: [
    { line: 7, trouble: { reason: 'notNumber', role: 'ph', text: 'ERR' } },
    { line: 9, trouble: { reason: 'noPlace', name: '' } },
  ],
  dayOnly: 2,
  fromMs: Date.UTC(2026, 2, 2, 12),
  toMs: Date.UTC(2026, 4, 3, 12),
  places: [],
  pens: [],
  readings: [],
  checks: [],
};

test('what it brings: how much, from when to when, what is passed by and why', () => {
  expect(previewSentences(PREVIEW)).toEqual([
    '12 345 readings can be taken in.',
    'From 2 Mar 2026 to 3 May 2026.',
    '2 rows have no time of day: noon is taken.',
    '1 row is in the book already and is passed by.',
  ]);
  expect(rejectedLines(PREVIEW)).toEqual([
    'Place left out, or not chosen yet: 2 rows',
    'Not a number: 1 row',
    'Line 7: “ERR” in pH is no number.',
    'Line 9: No place is chosen.',
  ]);
  const none = { ...PREVIEW, ready: 0, doubled: 0, dayOnly: 0, fromMs: undefined };
  expect(previewSentences(none)).toEqual(['Nothing of it can be taken in as it stands.']);
});

test('rows as the book will show them, each number with its unit', () => {
  const atMs = new Date(2026, 4, 3, 7, 40).getTime();
  const reading = readingLine(
    {
      line: 4,
      atMs,
      place: 'Basil',
      ph: { shown: 5.86, judged: undefined },
      ec: { shown: 1460, scale: 'µS/cm', judged: undefined },
    },
    formats,
  );
  expect(reading).toEqual({
    key: '4',
    day: '3 May 2026',
    time: '07:40',
    title: 'Basil',
    detail: 'pH 5.86 shown · EC 1460 µS/cm shown',
  });
  const check = checkLine({
    line: 2,
    atMs,
    pen: 'P1',
    quantity: 'ph',
    outcome: 'adjusted',
    scale: undefined,
    cups: [
      { nominal: 7, found: 7.12, left: 7 },
      { nominal: 4.01, found: 4.1, left: undefined },
    ],
  });
  expect([check.title, check.detail]).toEqual([
    'pH: P1 is adjusted and holds.',
    '7.00 buffer found 7.12 pH left 7 pH · 4.01 buffer found 4.1 pH',
  ]);
});
