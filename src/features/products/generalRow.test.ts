import { GENERIC_PRODUCTS } from '@/records/products';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { generalRow } from '@/words/products/productWords';

const formats = makeFormats({ ...DEFAULT_FORMATS, decimalMark: ',' });
const cellsOf = (id: string) =>
  generalRow(
    GENERIC_PRODUCTS.find((product) => product.id === id)!,
    formats,
  ).cells;

/* By hand, 10·w·ρ/M: nitric 38 % 10·38·1.235/63.01 = 7.45; KOH 45 % 10·45·1.45/56.11 = 11.63; citric 1000/192.12 = 5.21. */
test.each([
  ['nitric-38', '38 % by mass, 1,24 g/mL', '7,4 mmol in a mL'],
  ['koh-45', '45 % by mass, 1,45 g/mL', '11,6 mmol in a mL'],
  ['citric-dry', 'a powder', '5,2 mmol in a g'],
  ['ph-down', 'unknown', 'its doses tell'],
])('%s is told by its strength', (id, strength, holds) => {
  expect(cellsOf(id).slice(1)).toEqual([strength, holds]);
});
