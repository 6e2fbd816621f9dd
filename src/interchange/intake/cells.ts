/** What stands in a cell where a program had nothing to write. */
const NOTHING = new Set(['', '-', '--', '---', '–', 'n/a', 'na', 'nan', 'null', 'none']);

export const isEmptyCell = (cell: string): boolean =>
  cell === '' || NOTHING.has(cell.trim().toLowerCase());

const PLAIN = /^[+-]?(\d+(\.\d*)?|\.\d+)(e[+-]?\d+)?$/i;
const GROUPED = {
  '.': /^[+-]?\d{1,3}([, '’\u00a0\u202f]\d{3})+(\.\d*)?$/,
  ',': /^[+-]?\d{1,3}([. '’\u00a0\u202f]\d{3})+(,\d*)?$/,
};
const GROUPS = { '.': /[, '’\u00a0\u202f]/g, ',': /[. '’\u00a0\u202f]/g };

/**
 * The number in a cell written with a decimal mark: null where the cell is empty, undefined where it
 * is no number. Thousands may be grouped; a group mark elsewhere makes it no number rather than
 * another one. `numberIn('1.460,5', ',') // => 1460.5`
 */
export function numberIn(cell: string, mark: '.' | ','): number | null | undefined {
  if (isEmptyCell(cell)) return null;
  const text = cell.trim().replace('−', '-');
  const point = mark === ',' && !text.includes('.') ? text.replace(',', '.') : text;
  if ((mark === '.' || !text.includes('.')) && PLAIN.test(point)) return Number(point);
  if (!GROUPED[mark].test(text)) return undefined;
  return Number(text.replace(GROUPS[mark], '').replace(',', '.'));
}
