import type { LookBackAnswer } from '@/book/answers';
import { lookBackOrder } from './lookBackWords';

const row = (id: string, turned: boolean, doseWrong: boolean) =>
  ({ id, turned, doseWrong }) as unknown as LookBackAnswer['rows'][number];
const ids = (rows: readonly { readonly id: string }[]) => rows.map(({ id }) => id);

test('doses first, then what turned, then what keeps: each row once, in the order it came', () => {
  const rows = [
    row('kept 2', false, false),
    row('turned 2', true, false),
    row('dose', true, true),
    row('turned 1', true, false),
    row('dose, not turned', false, true),
    row('kept 1', false, false),
  ];
  const { doses, turned, kept } = lookBackOrder(rows);
  expect(ids(doses)).toEqual(['dose', 'dose, not turned']);
  expect(ids(turned)).toEqual(['turned 2', 'turned 1']);
  expect(ids(kept)).toEqual(['kept 2', 'kept 1']);
});
