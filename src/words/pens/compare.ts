import type { ComparisonRow } from '@/book/answers';
import { SCALE_LABEL, shortDay, type Formats } from '@/words';
import type { Pen } from '@/records/kinds';
import { QUANTITY_NAME } from '../quantityName';

/** A pen beside a checked one, or its thermometer beside another. */
export const compareSays = {
  title: (code: string) => `Compare ${code}`,
  whatItIs:
    'No buffer left? Dip both pens into the same cup or tank, side by side. This shows how far off this pen is near that one value. It is not a calibration: nothing is adjusted, and no reading is corrected by it.',
  whatIsCompared: 'What is compared?',
  thermometer: 'its thermometer',
  withWhichPen: 'With which checked pen?',
  noCheckedPen:
    'No other pen with a good check is at hand. Check another pen first: one of the two must be known.',
  checkedPenHint: 'checked',
  dueHint: 'its check is due: the ± is wider',
  against: 'Against what?',
  meltingIce: 'melting ice, 0 °C',
  meltingIceHint: 'crushed ice in a little clean water, stirred for five minutes',
  otherThermometer: 'another thermometer',
  shows: (code: string) => `${code} shows`,
  theOtherShows: 'the other shows',
  writeItDown: 'Write it down',
  valueShown: 'value the pen shows',
  temperature: 'temperature',
  earlier: 'Comparisons',
  outsideDisplay: 'No display shows that.',
} as const;

/** A difference with its ±, in the unit of what was compared. */
function offsetWords({ body, result }: ComparisonRow, formats: Formats): string {
  if (!result) return 'the other pen was not sure enough to tell';
  const { offset, expandedU } = result;
  const [size, unit] =
    body.what === 'ec'
      ? [(x: number) => formats.number(100 * x, 1), '%']
      : [
          (x: number) => formats.number(x, body.what === 'ph' ? 2 : 1),
          body.what === 'ph' ? 'pH' : '°C',
        ];
  const far = Math.abs(offset) <= expandedU;
  const side = offset > 0 ? 'high' : 'low';
  const told = `${size(Math.abs(offset))} ± ${size(expandedU)} ${unit} ${side}`;
  return far ? `no difference that can be told (${told})` : told;
}

const SHORT = { ...QUANTITY_NAME, temp: 'Thermometer' } as const;

/** A comparison in a line: when, beside what, how far off. */
export function comparisonLine(row: ComparisonRow, formats: Formats): string {
  const who = row.by ? ` · ${row.by}` : '';
  return `${shortDay(row.atMs)} · ${comparedWords(row, formats)}${who}`;
}

/** What was compared, beside what, and how far off it was. */
export function comparedWords(row: ComparisonRow, formats: Formats): string {
  const { body, otherCode } = row;
  const { against } = body;
  const beside =
    against.by === 'pen'
      ? `beside ${otherCode}`
      : against.by === 'meltingIce'
        ? 'in melting ice'
        : 'beside another thermometer';
  return `${SHORT[body.what]} ${beside}: ${offsetWords(row, formats)}`;
}

/** The unit of what a pen shows. */
export function comparedUnit(pen: Pen, what: 'ph' | 'ec' | 'temp', formats: Formats): string {
  if (what === 'temp') return formats.settings.tempUnit;
  return what === 'ph' ? 'pH' : SCALE_LABEL[pen.ec?.scale ?? 'mS/cm'];
}
