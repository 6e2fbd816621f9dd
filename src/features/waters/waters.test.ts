import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { mixOf } from './mixModel';
import { waterDefaults, waterFormSchema } from './waterFields';
import { waterLine } from '@/words/waters/waterWords';

const formats = makeFormats(DEFAULT_FORMATS);
const town = {
  name: 'town',
  basis: 'report' as const,
  ecMsPerCm: 0.52,
  alkalinityMmolPerL: 3.3,
  note: '',
};
const rain = { ...town, name: 'rain', ecMsPerCm: 0.02, alkalinityMmolPerL: 0.1 };

test('a report in mg/L CaCO3 is kept as mmol/L; 165 mg/L are 3.297', () => {
  const form = { ...waterDefaults(undefined, formats), name: 'town', ec: '0,52' };
  const parsed = waterFormSchema(formats).parse({ ...form, alkalinity: '165' });
  expect(parsed.alkalinityMmolPerL).toBeCloseTo(3.297, 3);
  expect(parsed.ecMsPerCm).toBe(0.52);
  expect(waterLine(parsed, formats)).toContain('3.3 mmol/L (165 mg/L CaCO3)');
  const wrong = waterFormSchema(formats).safeParse({ ...form, alkalinity: '165', unit: 'mmol/L' });
  expect(wrong.error?.issues[0]).toMatchObject({ path: ['alkalinity'] });
  expect(waterFormSchema(formats).safeParse({ ...form, ec: '520' }).error?.issues[0]?.path).toEqual(
    ['ec'],
  );
});

test('half and half lies in the middle; litres add up; outside there is none', () => {
  const common = { first: town, second: rain, by: 'ecMsPerCm' as const };
  const mix = mixOf({ ...common, value: 0.27, volumeL: 200 });
  expect(mix).toMatchObject({ kind: 'told', firstShare: expect.closeTo(0.5, 9) });
  if (mix.kind === 'told') {
    expect(mix.litres!.first + mix.litres!.second).toBeCloseTo(200, 9);
    expect(mix.alkalinityMmolPerL).toBeCloseTo(1.7, 9);
  }
  expect(mixOf({ ...common, value: 0.6, volumeL: 1 })).toMatchObject({ kind: 'missing' });
  const unknown = { ...rain, ecMsPerCm: undefined };
  expect(mixOf({ ...common, second: unknown, value: 0.3, volumeL: 1 })).toMatchObject({
    why: 'unknown',
    name: 'rain',
    by: 'ecMsPerCm',
  });
});
