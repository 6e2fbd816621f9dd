import golden from './knots.golden.json';
import { BUFFER_KNOTS_C, BUFFER_PH } from './constants';

test('every knot of every buffer is as its source has it', () => {
  const { source, tempC, ...columns } = golden;
  expect(source).toMatch(/table 4-4/);
  expect(BUFFER_KNOTS_C).toEqual(tempC);
  expect(BUFFER_PH).toEqual(columns);
});
