import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { jarFirstShare, jarPhAt, jarRefusalWords, jarResult } from './jarModel';

const formats = makeFormats(DEFAULT_FORMATS);
const setup = { sampleL: '1', dilution: '50', dropsInMl: '20' };
const rows = [
  { drops: '0', ph: '6.8' },
  { drops: '4', ph: '6,4' },
  { drops: '8', ph: '6.0' },
  { drops: '', ph: '' },
];
const tank = { pen: undefined, aimPh: 6.2, tankVolumeL: 160 };

test('six drops reach 6.2: 6 × 0.05 mL × 160 / 50 = 0.96 mL for the tank', () => {
  const result = jarResult({ setup, rows, ...tank });
  expect(result).toMatchObject({
    value: { drops: expect.closeTo(6, 9), doseMl: expect.closeTo(0.96, 9), warnings: [] },
  });
  expect(jarPhAt(rows, undefined, 4.8)).toBeCloseTo(6.32, 9);
});

test('too few readings, an aim not reached, a set-up that cannot be', () => {
  const words = (input: Partial<Parameters<typeof jarResult>[0]>) => {
    const result = jarResult({ setup, rows, ...tank, ...input });
    return result.ok ? '' : jarRefusalWords(result.refusal, formats);
  };
  expect(words({ rows: rows.slice(0, 2) })).toContain('2 of at least 3');
  expect(words({ aimPh: 5.5 })).toContain('go on until it passes 5.5');
  expect(words({ setup: { ...setup, dropsInMl: '2' } })).toContain('5 to 100 drops');
});

test('four fifths first, less where the curve is steep: never more than 0.8 pH in one step', () => {
  expect(jarFirstShare(rows, undefined, 6)).toBeCloseTo(0.8, 9);
  const steep = [
    { drops: '0', ph: '7.6' },
    { drops: '2', ph: '6.6' },
    { drops: '4', ph: '5.6' },
  ];
  // Half a pH a drop: 1.6 drops of four at most.
  expect(jarFirstShare(steep, undefined, 4)).toBeCloseTo(0.4, 2);
});
