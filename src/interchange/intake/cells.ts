/** What stands in a cell where a program had nothing to write. */
const NOTHING = new Set(['', '-', '--', '---', '–', 'n/a', 'na', 'nan', 'null', 'none']);

const [ZERO, NINE] = [48, 57];
const isDigit = (code: number) => code >= ZERO && code <= NINE;

/** Whether a cell says nothing: empty, or a mark that stands for nothing. */
export const isEmptyCell = (cell: string): boolean =>
  cell === '' || (!isDigit(cell.charCodeAt(0)) && NOTHING.has(cell.trim().toLowerCase()));

const PLAIN = /^[+-]?(\d+(\.\d*)?|\.\d+)(e[+-]?\d+)?$/i;
const GROUPED = {
  '.': /^[+-]?\d{1,3}([, '’\u00a0\u202f]\d{3})+(\.\d*)?$/,
  ',': /^[+-]?\d{1,3}([. '’\u00a0\u202f]\d{3})+(,\d*)?$/,
};
const GROUPS = { '.': /[, '’\u00a0\u202f]/g, ',': /[. '’\u00a0\u202f]/g };

/** Digits with one mark among them, as nearly every cell is; undefined for anything else. */
function quickly(cell: string, mark: '.' | ','): number | undefined {
  let [whole, part, scale] = [0, 0, 0];
  for (let at = 0; at < cell.length; at += 1) {
    const code = cell.charCodeAt(at);
    if (isDigit(code)) {
      whole = whole * 10 + (code - ZERO);
      if (scale > 0) [part, scale] = [part + 1, scale * 10];
    } else if (scale === 0 && cell[at] === mark) scale = 1;
    else return undefined;
  }
  // More digits than a number holds, or a mark with nothing behind it: left to the careful way.
  if (whole > Number.MAX_SAFE_INTEGER || (scale > 0 && part === 0)) return undefined;
  return scale > 0 ? whole / scale : whole;
}

/**
 * The number in a cell written with a decimal mark: null where the cell is empty, undefined where it
 * is no number. Thousands may be grouped; a group mark elsewhere makes it no number rather than
 * another one. `numberIn('1.460,5', ',') // => 1460.5`
 */
export function numberIn(cell: string, mark: '.' | ','): number | null | undefined {
  const quick = isDigit(cell.charCodeAt(0)) ? quickly(cell, mark) : undefined;
  if (quick !== undefined) return quick;
  if (isEmptyCell(cell)) return null;
  const text = cell.trim().replace('−', '-');
  const point = mark === ',' && !text.includes('.') ? text.replace(',', '.') : text;
  if ((mark === '.' || !text.includes('.')) && PLAIN.test(point)) return Number(point);
  if (!GROUPED[mark].test(text)) return undefined;
  return Number(text.replace(GROUPS[mark], '').replace(',', '.'));
}
