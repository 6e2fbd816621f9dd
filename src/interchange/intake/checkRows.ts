import { kindOfNominal } from '@/core/buffers';
import type { Quantity } from '@/core/calibration';
import { celsiusFrom, displayFromEcMsPerCm, type EcScale } from '@/core/units';
import type { Rejected, RowTrouble } from './rowTrouble';
import { isEmptyCell, numberIn } from './cells';
import {
  cellReader,
  momentsOf,
  nameIn,
  numberOf,
  refuseRow,
  rowOr,
  type CellOf,
  type TableReading,
} from './readingRows';

/** What a cup held, as a row of an old log names it. */
interface NamedBuffer {
  readonly quantity: Quantity;
  /** pH, or mS/cm at 25 °C. */
  readonly nominal: number;
  /** In what its values are shown. */
  readonly scale: EcScale | 'pH';
}

/** One cup of an old check. */
export interface CheckRow extends NamedBuffer {
  readonly line: number;
  readonly atMs: number;
  readonly dayOnly: boolean;
  readonly pen: string;
  readonly found: number;
  readonly left?: number;
  readonly tempC?: number;
  readonly note: string;
}

/** From here on the number of a standard is in µS/cm. */
const MICRO_FROM = 60;
/** Standards that are sold lie between these, mS/cm. */
const [LEAST_MS_PER_CM, MOST_MS_PER_CM] = [0.05, 50];

const unknown = (text: string): never => refuseRow({ reason: 'unknownBuffer', text });

/** Which buffer or standard a cell names: by its unit where one stands there, else by its number. */
export function bufferIn(cell: string, mark: '.' | ','): NamedBuffer | RowTrouble {
  const digits = /[\d.,]+/.exec(cell)?.[0] ?? '';
  const value = numberIn(digits, mark);
  const trouble = { reason: 'unknownBuffer', text: cell } as const;
  if (value === null || value === undefined) return trouble;
  const micro = /[µμu]s/i.test(cell);
  const milli = /ms/i.test(cell);
  if (!micro && !milli && kindOfNominal(value))
    return { quantity: 'ph', nominal: value, scale: 'pH' };
  if (/ph/i.test(cell)) return trouble;
  const scale = micro || (!milli && value >= MICRO_FROM) ? 'µS/cm' : 'mS/cm';
  const nominal = scale === 'µS/cm' ? value / 1000 : value;
  const sold = nominal >= LEAST_MS_PER_CM && nominal <= MOST_MS_PER_CM;
  return sold ? { quantity: 'ec', nominal, scale } : trouble;
}

/** The most a pen can show of a cup: a display further off is a slip of the hand. */
const mostOf = ({ scale }: NamedBuffer) => (scale === 'pH' ? 14 : displayFromEcMsPerCm(200, scale));

/** Reads rows of old checks: each one cup of one pen, or why it is none. */
export function checkReader(
  reading: TableReading,
): (row: readonly string[], line: number) => CheckRow | Rejected {
  const { columns, units, shape } = reading;
  const { mark } = shape;
  const cells = cellReader(columns);
  const momentOf = momentsOf(reading);
  const tempOf = (cell: CellOf) => {
    const [from, to] = units.tempUnit === '°F' ? [32, 122] : [0, 50];
    const shown = numberOf(cell('temp'), mark, { role: 'temp', from, to });
    return shown === undefined ? undefined : celsiusFrom(shown, units.tempUnit);
  };
  return (row, line) =>
    rowOr(line, () => {
      const cell = cells(row);
      const { atMs, dayOnly } = momentOf(cell);
      const buffer = bufferIn(cell('buffer'), mark);
      if ('reason' in buffer) return unknown(cell('buffer'));
      const value = (role: 'found' | 'left') =>
        numberOf(cell(role), mark, { role, from: 0, to: mostOf(buffer) });
      const found = value('found');
      if (found === undefined) return refuseRow({ reason: 'noFound' });
      const left = isEmptyCell(cell('left')) ? undefined : value('left');
      const tempC = tempOf(cell);
      return {
        line,
        atMs,
        dayOnly,
        pen: nameIn(cell('pen')),
        ...buffer,
        found,
        ...(left === undefined ? {} : { left }),
        ...(tempC === undefined ? {} : { tempC }),
        note: cell('note').trim(),
      };
    });
}
