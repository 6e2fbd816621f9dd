import { marked, typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { EcSide, Pen } from '@/records/kinds';
import type { Formats } from '@/words';
import { penField } from './onPen';

type Leaflet = NonNullable<EcSide['leaflet']>;

/** Where a side keeps what its leaflet allows. */
interface Kept {
  of(pen: Pen): Leaflet | undefined;
  onto(pen: Pen, leaflet: Leaflet | undefined): Pen;
  /** The unit of the display, after what stands in the form. */
  readonly unit: string;
}

const allowed = typedNumberOrNothing('tolerance').refine(
  (value) => value === undefined || (value > 0 && value <= 1000),
  'Above zero, in the unit of the display.',
);

/** How far below and above the target a leaflet lets the display be; one side alone counts for both. */
export function leafletFields(formats: Formats, { of, onto, unit }: Kept) {
  const mark = marked(formats);
  return {
    below: penField({
      label: 'Leaflet: low by',
      unit,
      hint: 'What it allows, as shown. Empty: the tolerance below.',
      numeric: true,
      schema: allowed,
      from: (pen) => mark(of(pen)?.below),
      into: (value, pen) =>
        onto(pen, value === undefined ? undefined : { below: value, above: value }),
    }),
    above: penField({
      label: 'high by',
      unit,
      numeric: true,
      beside: 'always',
      schema: allowed,
      from: (pen) => mark(of(pen)?.above),
      into: (value, pen) =>
        value === undefined ? pen : onto(pen, { below: of(pen)?.below ?? value, above: value }),
    }),
  };
}
