import type { EntryAnswer } from '@/book/answers';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import type { Addition, Reading } from '@/records/kinds';
import { amendedBody, amendFields } from './amendFields';
import { entryFacts, entryTitle, versionLines } from './entryViewModel';

const formats = makeFormats(DEFAULT_FORMATS);
const NOW_MS = new Date(2026, 4, 20, 12).getTime();
const takenAt = new Date(2026, 4, 20, 7, 30).toISOString();
const reading: Reading = {
  tankId: 'T',
  sampleKind: 'tank',
  takenAt,
  tempC: 20,
  ph: { shown: 5.86, penId: 'P' },
  ec: { shown: 700, scale: 'ppm500', penId: 'P' },
  note: '',
};
const typedOf = (body: Reading | Addition, kind: 'reading' | 'addition' = 'reading') =>
  Object.fromEntries(amendFields(kind, body, formats).map(({ name, typed }) => [name, typed]));
const amended = (typed: Record<string, string>, body: Reading | Addition = reading) => {
  const kind = 'takenAt' in body ? ('reading' as const) : ('addition' as const);
  return amendedBody({ kind, body, typed, nowMs: NOW_MS, formats });
};

test('fields stand as the pen showed them, with the pen’s own unit', () => {
  const fields = amendFields('reading', reading, formats);
  expect(fields.map(({ label, typed, unit }) => [label, typed, unit])).toEqual([
    ['pH shown', '5.86', undefined],
    ['EC shown', '700', 'ppm (×500)'],
    ['Temperature', '20', '°C'],
    ['When', '2026-05-20 07:30', undefined],
    ['Note', '', undefined],
  ]);
});

test('what is left alone stays to the letter; what was typed wrong is put right', () => {
  expect(amended(typedOf(reading))).toEqual({ body: reading });
  expect(amended({ ...typedOf(reading), ph: '6,27' })).toEqual({
    body: { ...reading, ph: { ...reading.ph, shown: 6.27 } },
  });
});

test('each wrong field has its message, and nothing is taken half', () => {
  const wrong = { ...typedOf(reading), ph: '62.7', ec: 'much', temp: '99', when: 'noon' };
  expect(amended(wrong)).toEqual({
    messages: {
      ph: 'From 0 to 14.',
      ec: 'A number, like 6.1.',
      temp: 'From -5 to 60.',
      when: 'Like 2026-07-31 07:30.',
    },
  });
  expect(amended({ ...typedOf(reading), when: '2026-05-21 07:30' })).toEqual({
    messages: { when: 'That is still to come.' },
  });
});

test('half the dose is half the acid', () => {
  const dose: Addition = {
    tankId: 'T',
    at: takenAt,
    what: 'acid',
    productName: 'pH down',
    doseMl: 10,
    acidMmol: 30,
    note: '',
  };
  expect(amended({ ...typedOf(dose, 'addition'), doseMl: '5' }, dose)).toMatchObject({
    body: { doseMl: 5, acidMmol: 15 },
  });
});

describe('an entry as a record of its own', () => {
  const at = (hours: number) => new Date(2026, 4, 20, hours).getTime();
  const version = (revId: string, hours: number, body: unknown, why = '') => ({
    revId,
    atMs: at(hours),
    zone: 'UTC',
    by: 'LV',
    why,
    body,
  });
  const entry: EntryAnswer = {
    recordId: 'R',
    kind: 'reading',
    names: { T: 'Basil tables', P: 'P1' },
    links: [],
    versions: [
      version('c', 10, null, 'wrong tank'),
      version('b', 9, { ...reading, ph: { shown: 6.27, penId: 'P' } }, 'typed 5.86, meant 6.27'),
      version('a', 8, reading),
    ],
  };

  beforeEach(() => {
    jest.useFakeTimers().setSystemTime(new Date(2026, 4, 21));
  });
  afterEach(() => {
    jest.useRealTimers();
  });

  test('is named by what it is about, also when it was voided', () => {
    expect(entryTitle(entry)).toBe('Reading · Basil tables');
  });

  test('tells each fact with its unit and who showed it', () => {
    const facts = entryFacts('reading', reading, { names: entry.names, formats });
    expect(facts).toContainEqual({ label: 'pH shown', value: '5.86 by P1' });
    expect(facts).toContainEqual({ label: 'EC shown', value: '700 ppm (×500) by P1' });
    expect(facts).toContainEqual({ label: 'Temperature', value: '20.0 °C' });
  });

  test('keeps the old beside the new: who, when, why and what', () => {
    expect(versionLines(entry, formats)).toEqual([
      { revId: 'c', title: 'Voided 20 May 2026 10:00, LV', why: 'wrong tank', changes: [] },
      {
        revId: 'b',
        title: 'Amended 20 May 2026 09:00, LV',
        why: 'typed 5.86, meant 6.27',
        changes: ['pH shown: 5.86 by P1 → 6.27 by P1'],
      },
      { revId: 'a', title: 'Written 20 May 2026 08:00, LV', why: '', changes: [] },
    ]);
  });

  test('kinds without words of their own are told field by field', () => {
    expect(entryFacts('person', { initials: 'AB', name: '' }, { names: {}, formats })).toEqual([
      { label: 'initials', value: 'AB' },
    ]);
    expect(entryFacts('reading', null, { names: {}, formats })).toEqual([]);
  });
});
