import golden from './knots.golden.json';
import {
  AMBIGUOUS_REACH_PH,
  BUFFER_KNOTS_C,
  BUFFER_PH,
  BUFFER_TOLERANCE_PH,
  RECOGNITION_REACH_PH,
} from './constants';
import { BUFFER_FAMILIES, bufferPhAt, bufferSlopePhPerC } from './index';

test('every knot of every buffer is as its source has it', () => {
  const { source, tempC, ...columns } = golden;
  expect(source).toMatch(/table 4-4/);
  expect(BUFFER_KNOTS_C).toEqual(tempC);
  expect(BUFFER_PH).toEqual(columns);
});

test('families and their reach', () => {
  const values = Object.values(BUFFER_FAMILIES).map((family) =>
    family.map(({ nominalPh }) => nominalPh),
  );
  expect(values).toEqual([
    [7, 4.01, 10.01],
    [7.01, 4.01, 10.01],
    [7, 4, 10],
    [6.86, 4, 9.18],
  ]);
  expect([BUFFER_TOLERANCE_PH, RECOGNITION_REACH_PH, AMBIGUOUS_REACH_PH]).toEqual([0.02, 1, 0.3]);
});

test('a label’s own value at 25 °C wins, and its column follows; a rounded one changes nothing', () => {
  const at = (
    kind: 'phthalate-4.01' | 'phosphate-6.86' | 'borax-9.18',
    nominalPh: number,
    tempC: number,
  ) => {
    const found = bufferPhAt({ kind, nominalPh }, tempC);
    return found.ok ? found.value : NaN;
  };
  expect(at('phosphate-6.86', 6.86, 25)).toBeCloseTo(6.86, 12);
  expect(at('phosphate-6.86', 6.86, 10)).toBeCloseTo(6.918, 12);
  expect(at('phthalate-4.01', 4, 25)).toBeCloseTo(4, 12);
  expect(at('phthalate-4.01', 4, 40)).toBeCloseTo(4.027, 12);
  expect(at('phthalate-4.01', 4.01, 25)).toBe(4.008);
  expect(at('borax-9.18', 9.18, 20)).toBe(9.225);
});

test('the slope at the ends of a table, beyond them, and of a single row', () => {
  const seven = { kind: 'technical-7.00', nominalPh: 7 } as const;
  // One-sided: 7.12 to 7.114 over one degree; 6.97 to 6.97.
  expect(bufferSlopePhPerC(seven, 0)).toBeCloseTo(-0.006, 9);
  expect(bufferSlopePhPerC(seven, 50)).toBeCloseTo(0, 9);
  expect(bufferSlopePhPerC(seven, 60)).toBe(0);
  expect(bufferSlopePhPerC(seven, -5)).toBe(0);
  const oneRow = { ...seven, labelTable: [{ tempC: 25, value: 7 }] };
  expect(bufferSlopePhPerC(oneRow, 25)).toBe(0);
});
