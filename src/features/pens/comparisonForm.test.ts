import { comparisonSchema } from '@/records/kinds';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { comparisonOf } from './comparisonForm';

const pen = { id: 'p1', body: { code: 'P1' } } as never;
const other = { id: 'p2', body: { code: 'P2' } } as never;
const about = {
  pen,
  other,
  what: 'ph',
  inIce: true,
  formats: makeFormats(DEFAULT_FORMATS),
} as const;
const fahrenheit = makeFormats({ ...DEFAULT_FORMATS, tempUnit: '°F' });

test('a pen beside a checked one: both displays, and how warm it was', () => {
  const { body, messages } = comparisonOf({ own: '5.9', other: '6.0', temp: '21' }, about);
  expect(messages).toEqual({});
  expect(comparisonSchema.parse(body)).toMatchObject({
    what: 'ph',
    shown: 5.9,
    tempC: 21,
    against: { by: 'pen', penId: 'p2', shown: 6 },
  });
});

test('how warm it was may be left out', () => {
  const { body } = comparisonOf({ own: '5.9', other: '6.0', temp: ' ' }, about);
  expect(comparisonSchema.parse(body).tempC).toBeUndefined();
});

test('each message stands at its field, and nothing is made', () => {
  const read = comparisonOf({ own: '59', other: '', temp: 'warm' }, about);
  expect(read.body).toBeUndefined();
  expect(Object.keys(read.messages)).toEqual(['own', 'other', 'temp']);
  expect(comparisonOf({ own: '5.9', other: '6', temp: '70' }, about).messages.temp).toBeDefined();
  const ec = { ...about, what: 'ec' } as const;
  expect(comparisonOf({ own: '0', other: '1.4', temp: '' }, ec).messages.own).toBeDefined();
});

test('a thermometer in melting ice, or beside another, in the unit of the book', () => {
  const ofTemp = { ...about, other: undefined, what: 'temp', formats: fahrenheit } as const;
  const inIce = comparisonOf({ own: '33', other: '', temp: '' }, ofTemp);
  expect(comparisonSchema.parse(inIce.body)).toMatchObject({
    shown: expect.closeTo(0.56, 2),
    against: { by: 'meltingIce' },
  });
  const beside = comparisonOf({ own: '70', other: '68', temp: '' }, { ...ofTemp, inIce: false });
  expect(beside.body).toMatchObject({
    against: { by: 'thermometer', shownC: expect.closeTo(20, 9) },
  });
  expect(comparisonOf({ own: '200', other: '', temp: '' }, ofTemp).messages.own).toBeDefined();
});

test('without anything to compare with there is no comparison', () => {
  const alone = comparisonOf({ own: '5.9', other: '6', temp: '' }, { ...about, other: undefined });
  expect(alone).toEqual({ messages: {} });
});
