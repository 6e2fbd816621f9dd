import type { TankColumns } from '@/book/answers';
import { pensUsed } from './pensUsed';

test('pens are counted from a moment on, the busiest first', () => {
  const columns = {
    atMs: Float64Array.of(1, 2, 3, 4),
    phPen: Int8Array.of(0, 1, 1, -1),
    ecPen: Int8Array.of(0, 0, 2, 2),
    penCodes: ['P1', 'P2', 'P3'],
  } as unknown as TankColumns;
  expect(pensUsed(columns, 2)).toEqual([
    { code: 'P2', ph: 2, ec: 0 },
    { code: 'P3', ph: 0, ec: 2 },
    { code: 'P1', ph: 0, ec: 1 },
  ]);
});
