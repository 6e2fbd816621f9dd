import type { EntryAnswer } from '@/book/answers';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import type { Addition, BodyOf, Kind, Reading } from '@/records/kinds';
import { plainTank } from '@/records/testing/plainTank';
import { checkBody } from '@/records/testing/plainCheck';
import { amendedBody } from './amendField';
import { amendFields, isAmendable } from './amendFields';
import { entryFacts, entryTitle, versionLines } from '@/words/book/entryFacts';

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
const names = {
  tanks: [
    { id: 'T', name: 'Basil' },
    { id: 'U', name: 'Mint' },
  ],
  pens: [
    { id: 'P', name: 'P1', sides: ['ph' as const, 'ec' as const] },
    { id: 'E', name: 'P3', sides: ['ec' as const] },
  ],
  lots: [
    { id: 'L', name: 'A-3902' },
    { id: 'M', name: 'B-1' },
  ],
  people: [],
};
const fieldsOf = <K extends Kind>(kind: K, body: BodyOf<K>) =>
  amendFields(kind, body, { formats, names });
/** The entry with so much typed in some of its fields, or the messages. */
const amendedAs = <K extends Kind>(kind: K, body: BodyOf<K>, typed: Record<string, string>) => {
  const fields = fieldsOf(kind, body);
  const as = Object.fromEntries(fields.map((field) => [field.name, field.typed]));
  for (const name of Object.keys(typed)) expect(Object.keys(as)).toContain(name);
  return amendedBody({ fields, body, typed: { ...as, ...typed }, nowMs: NOW_MS });
};
const amended = (typed: Record<string, string>) => amendedAs('reading', reading, typed);

test('fields stand as the pen showed them, with the pen’s own unit', () => {
  const fields = fieldsOf('reading', reading);
  expect(fields.map(({ label, typed, unit }) => [label, typed, unit])).toEqual([
    ['pH shown', '5.86', undefined],
    ['pH read with', 'P', undefined],
    ['EC shown', '700', 'ppm (×500)'],
    ['EC read with', 'P', undefined],
    ['Temperature', '20', '°C'],
    ['Tank or place', 'T', undefined],
    ['Read in', 'tank', undefined],
    ['When', '2026-05-20 07:30', undefined],
    ['Note', '', undefined],
  ]);
});

test('what is left alone stays to the letter; what was typed wrong is put right', () => {
  expect(amended({})).toEqual({ body: reading });
  expect(amended({ ph: '6,27' })).toEqual({
    body: { ...reading, ph: { ...reading.ph, shown: 6.27 } },
  });
});

test('each wrong field has its message, and nothing is taken half', () => {
  const wrong = { ph: '62.7', ec: 'much', temp: '99', when: 'noon' };
  expect(amended(wrong)).toEqual({
    messages: {
      ph: 'From 0 to 14.',
      ec: 'A number, like 6.1.',
      temp: 'From -5 to 60.',
      when: 'Like 2026-07-31 07:30.',
    },
  });
  expect(amended({ when: '2026-05-21 07:30' })).toEqual({
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
  expect(amendedAs('addition', dose, { doseMl: '5' })).toMatchObject({
    body: { doseMl: 5, acidMmol: 15 },
  });
});

test('the wrong tank, the wrong pen, the wrong sample: chosen among those that can be meant', () => {
  expect(amended({ tank: 'U', ecPen: 'E', sample: 'drain' })).toEqual({
    body: { ...reading, tankId: 'U', ec: { ...reading.ec, penId: 'E' }, sampleKind: 'drain' },
  });
  const pens = fieldsOf('reading', reading).find(({ name }) => name === 'phPen')!.takes;
  expect(pens).toMatchObject({ options: [{ value: 'P', label: 'P1' }] });
  // A pen taken out of use is still what it was read with.
  const gone = fieldsOf('reading', { ...reading, ph: { shown: 6, penId: 'gone-x' } });
  expect(gone.find(({ name }) => name === 'phPen')!.takes).toMatchObject({
    options: [{ value: 'gone-x' }, { value: 'P' }],
  });
});

describe('a check', () => {
  const check = checkBody('P', NOW_MS - 3_600_000, { in7: 7.4, in4: 4.01, adjusted: false });
  const left = { ...check, outcome: 'leftOut' as const };

  test('typed 7.40, meant 7.04: how it ended follows, and nothing else moves', () => {
    const result = amendedAs('session', left, { try0: '7.04' });
    expect(result).toEqual({
      body: {
        ...left,
        outcome: 'inTolerance',
        events: [{ ...left.events[0], shown: 7.04 }, ...left.events.slice(1)],
      },
    });
  });

  test('another bottle, another hour: the whole sitting moves', () => {
    const when = new Date(NOW_MS - 7_200_000);
    const typed = `2026-05-20 ${String(when.getHours()).padStart(2, '0')}:00`;
    const cup = check.plan.cups[0]!.id;
    const result = amendedAs('session', check, { [`lot${cup}`]: 'M', when: typed });
    const body = (result as { body: typeof check }).body;
    expect(body.plan.cups.map(({ lotId }) => lotId)).toEqual(['M', undefined]);
    expect(Date.parse(body.finishedAt)).toBe(NOW_MS - 7_200_000);
    expect(Date.parse(body.startedAt)).toBe(NOW_MS - 7_200_000);
    expect(body.events.flatMap((event) => ('atMs' in event ? event.atMs : []))).toEqual([
      NOW_MS - 7_200_000,
      NOW_MS - 7_200_000,
    ]);
  });
});

test('jars, controls, comparisons, probes, lots and care can be put right too', () => {
  const jar: BodyOf<'jarTest'> = {
    tankId: 'T',
    at: takenAt,
    productId: 'x',
    productName: 'x',
    sampleL: 0.5,
    dilution: 1,
    dropMl: 0.05,
    points: [
      { drops: 0, ph: 6.8 },
      { drops: 4, ph: 6.4 },
    ],
    aimPh: 6,
    tankVolumeL: 100,
    note: '',
  };
  expect(amendedAs('jarTest', jar, { ph1: '6.3', sample: '250' })).toMatchObject({
    body: { points: [{ ph: 6.8 }, { drops: 4, ph: 6.3 }], sampleL: 0.25 },
  });
  const control = { penId: 'P', at: takenAt, nominalPh: 7, shown: 7.2, tempC: 20, note: '' };
  expect(amendedAs('controlReading', control, { shown: '7.02' })).toEqual({
    body: { ...control, shown: 7.02 },
  });
  const against = { by: 'pen' as const, penId: 'E', shown: 6.5 };
  const compared = { penId: 'P', at: takenAt, what: 'ph' as const, shown: 6, against, note: '' };
  expect(amendedAs('comparison', compared, { other: '6.05' })).toMatchObject({
    body: { shown: 6, against: { shown: 6.05 } },
  });
  const lot = { kind: 'buffer', form: 'bottle', nominal: 7, lotCode: 'A', left: 20, note: '' };
  expect(amendedAs('lot', lot as never, { lotCode: 'A-3902', left: '200' })).toMatchObject({
    body: { lotCode: 'A-3902', left: 200 },
  });
  const care = { penId: 'P', side: 'ph', what: 'soak', at: takenAt, until: takenAt, note: '' };
  expect(
    amendedAs('careEvent', care as never, { what: 'rest', until: '2026-05-22 07:00' }),
  ).toMatchObject({ body: { what: 'rest' } });
  expect(isAmendable('tank')).toBe(false);
  expect(fieldsOf('tank', plainTank('Basil'))).toEqual([]);
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
      { label: 'Initials', value: 'AB' },
    ]);
    expect(entryFacts('reading', null, { names: {}, formats })).toEqual([]);
  });
});
