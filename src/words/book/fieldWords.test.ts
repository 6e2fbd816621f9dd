import { KIND_SCHEMAS, KINDS } from '@/records/kinds';
import { DEFAULT_FORMATS, makeFormats } from '../formats';
import { fieldValue, fieldWord } from './fieldWords';

const formats = makeFormats({ ...DEFAULT_FORMATS, ecScale: 'ppm500', tempUnit: '°F' });
const names = { T: 'Basil tables' };
const value = (field: string, told: unknown) =>
  fieldValue(field, told, { names, formats }).replaceAll(' ', ' ');

/** Kinds of which two versions are never shown side by side: they end with their sitting. */
const NEVER_SHOWN = ['benchDraft', 'profile'];

test.each(KINDS.filter((kind) => !NEVER_SHOWN.includes(kind)))(
  'every field of a %s has a word, and none is a field’s name',
  (kind) => {
    const { shape } = KIND_SCHEMAS[kind] as unknown as { shape: Readonly<Record<string, unknown>> };
    const fields = Object.keys(shape);
    expect(fields.length).toBeGreaterThan(0);
    expect(fields.filter((field) => fieldWord(field) === undefined)).toEqual([]);
    for (const field of fields) expect(fieldWord(field)).not.toMatch(/[a-z]{2}[A-Z]/);
  },
);

test('values stand with their units, in those of the house', () => {
  expect([
    value('volumeL', 120),
    value('tempC', 20),
    value('ecBand', { low: 1, high: 1.6 }),
    value('phBand', { low: 5.5, high: 6.5 }),
    value('ecMsPerCm', 0.4),
    value('alphaPerC', 0.019),
    value('expectedLifeDays', 365),
    value('ph', { shown: 5.86, penId: 'P' }),
    value('ec', { shown: 700, scale: 'ppm500', penId: 'P' }),
  ]).toEqual([
    '120 L',
    '68.0 °F',
    '500 to 800 ppm (×500)',
    '5.5 to 6.5 pH',
    '200 ppm (×500)',
    '1.90 %/°C',
    '365 d',
    '5.86',
    '700 ppm (×500)',
  ]);
});

test('records by their names, moments as people write them, what is empty as nothing', () => {
  expect(value('tankId', 'T')).toBe('Basil tables');
  expect(value('at', new Date(2026, 4, 20, 7, 40).toISOString())).toBe('2026-05-20 07:40');
  expect(['', undefined, null].map((told) => value('note', told))).toEqual([
    'nothing',
    'nothing',
    'nothing',
  ]);
  expect(value('retired', true)).toBe('yes');
  expect(value('recipe', { phosphorusMgPerL: 30 })).toBe('filled in otherwise');
});
