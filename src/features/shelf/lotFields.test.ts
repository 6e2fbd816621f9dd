import { lotSchema } from '@/records';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import { liquidName } from '@/words/shelf/lotWords';
import { lotDefaults, lotFormSchema, lotOf, type LotFormIn } from './lotFields';

const formats = makeFormats(DEFAULT_FORMATS);
const typed: LotFormIn = {
  ...lotDefaults(undefined, formats),
  nominal: '4,01',
  lotCode: 'A-1',
  expires: '2027-03-01',
  opened: '2026-05-02',
  left: '250',
};
const messages = (more: Partial<LotFormIn>) =>
  Object.fromEntries(
    (lotFormSchema(formats).safeParse({ ...typed, ...more }).error?.issues ?? []).map((i) => [
      i.path[0],
      i.message,
    ]),
  );

test('a typed lot becomes a valid record and comes back as typed', () => {
  const lot = lotOf(lotFormSchema(formats).parse(typed), undefined, formats);
  expect(lotSchema.parse(lot)).toMatchObject({ kind: 'buffer', nominal: 4.01, left: 250 });
  expect(lotDefaults(lot, formats)).toEqual({ ...typed, nominal: '4.01' });
});

test('a standard is typed and named in the unit of the book, and kept in mS/cm', () => {
  const micro = makeFormats({ ...DEFAULT_FORMATS, ecScale: 'µS/cm' });
  const table = [
    { temp: '20', value: '1278' },
    { temp: '25', value: '1413' },
  ];
  const standard = { ...typed, kind: 'ecStandard' as const, nominal: '1413', table };
  const lot = lotOf(lotFormSchema(micro).parse(standard), undefined, micro);
  expect(lot).toMatchObject({ nominal: 1.413, labelTable: [{ value: 1.278 }, { value: 1.413 }] });
  expect(lotDefaults(lot, micro)).toMatchObject({ nominal: '1413', table });
  expect(lotDefaults(lot, formats)).toMatchObject({ nominal: '1.413' });
  expect(liquidName(lot, micro)).toBe('1413 µS/cm standard');
});

test('each field says what is wrong with it', () => {
  expect(messages({ nominal: '' })).toHaveProperty('nominal');
  expect(messages({ nominal: '5.5' }).nominal).toContain('Known buffers');
  expect(messages({ kind: 'ecStandard', nominal: '1413' }).nominal).toContain('mS/cm');
  expect(messages({ left: 'full' }).left).toContain('not a number');
  expect(messages({ expires: 'soon' })).toHaveProperty('expires');
  expect(messages({ opened: '2090-01-01' }).opened).toContain('to come');
});

test('a standard’s own coefficient is kept as a share, said to be one, and no buffer has it', () => {
  const standard = { ...typed, kind: 'ecStandard' as const, nominal: '5', alphaPercent: '2,0' };
  const lot = lotOf(lotFormSchema(formats).parse(standard), undefined, formats);
  expect(lotSchema.parse(lot).labelAlphaPerC).toBeCloseTo(0.02, 12);
  expect(lotDefaults(lot, formats).alphaPercent).toBe('2');
  expect(messages({ ...standard, alphaPercent: '0.02' }).alphaPercent).toContain('1 to 3');
  const buffer = lotOf(
    lotFormSchema(formats).parse({ ...typed, alphaPercent: '2' }),
    undefined,
    formats,
  );
  expect(buffer.labelAlphaPerC).toBeUndefined();
});

test('storage solution has no value', () => {
  const lot = lotOf(
    lotFormSchema(formats).parse({ ...typed, kind: 'storage' }),
    undefined,
    formats,
  );
  expect(lot.nominal).toBeUndefined();
});
