import { z } from 'zod';
import { EC_SCALES } from '@/core/units';
import { marked, typedEc, typedNumber, typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { EcSide } from '@/records/kinds';
import { EC_DECIMALS, SCALE_LABEL, type Formats } from '@/words';
import { leafletFields } from './leaflet';
import { onEc, onEcPress, penField } from './onPen';

/** How the EC side is adjusted, as the form's choice. */
function adjustedBy(ec: EcSide | null): 'button' | 'steps' | 'dials' | 'none' {
  if (!ec) return 'button';
  if (!ec.adjustable) return 'none';
  return ec.press.by === 'dials' || ec.press.by === 'steps' ? ec.press.by : 'button';
}

const REFERENCE_C = 25;

const leafletOfEc = (formats: Formats) =>
  leafletFields(formats, {
    of: ({ ec }) => ec?.leaflet,
    onto: (pen, leaflet) => onEc(pen, { leaflet }),
    unit: 'as shown',
  });

/** What decides how the EC side is checked and what its numbers are worth; EC in the book's unit. */
export const ecSideFields = (formats: Formats) => ({
  ecScale: penField({
    label: 'What does it show?',
    options: EC_SCALES.map((scale) => ({ value: scale, label: SCALE_LABEL[scale] })),
    schema: z.enum(['mS/cm', 'µS/cm', 'CF', 'ppm500', 'ppm640', 'ppm700']),
    from: ({ ec }) => ec?.scale ?? 'mS/cm',
    into: (scale, pen) =>
      scale === pen.ec?.scale ? pen : onEc(pen, { scale, resolution: 10 ** -EC_DECIMALS[scale] }),
  }),
  ecStandard: penField({
    label: 'Standard it is checked in, at 25 °C',
    unit: formats.ecUnit,
    hint: `${formats.ecPlain(1.413)} for weak feeds, ${formats.ecPlain(2.77)} for usual ones`,
    numeric: true,
    schema: typedEc(formats, { of: 'a standard', from: 0.01, to: 50 }),
    from: ({ ec }) => formats.ecPlain(ec?.standardMsPerCm ?? 1.413),
    into: (standardMsPerCm, pen) => onEc(pen, { standardMsPerCm }),
  }),
  ecAdjust: penField({
    label: 'How is it adjusted?',
    disputed: 'ecAdjust',
    options: [
      { value: 'button', label: 'a calibration button' },
      { value: 'steps', label: 'the value is stepped up or down' },
      { value: 'dials', label: 'a dial' },
      { value: 'none', label: 'not at all', hint: 'it is only compared' },
    ],
    schema: z.enum(['button', 'steps', 'dials', 'none']),
    from: ({ ec }) => adjustedBy(ec),
    into: (by, pen) => onEcPress(onEc(pen, { adjustable: by !== 'none' }), { by }),
  }),
  ecDigit: penField({
    label: 'One digit of its display',
    hint: 'Empty: the usual of its scale, e.g. 0.01 mS/cm. Some show 0.1 mS/cm, or ppm in tens.',
    numeric: true,
    schema: typedNumberOrNothing('digit').refine(
      (digit) => digit === undefined || (digit > 0 && digit <= 1000),
      'Above zero, as the display shows it.',
    ),
    from: ({ ec }) =>
      ec && ec.resolution !== 10 ** -EC_DECIMALS[ec.scale] ? marked(formats)(ec.resolution) : '',
    into: (digit, pen) =>
      pen.ec ? onEc(pen, { resolution: digit ?? 10 ** -EC_DECIMALS[pen.ec.scale] }) : pen,
  }),
  ecBelow: leafletOfEc(formats).below,
  ecAbove: leafletOfEc(formats).above,
  ecHold: penField({
    label: 'How long is its button held?',
    unit: 's',
    numeric: true,
    schema: typedNumber('seconds').refine((s) => s >= 0 && s <= 30, 'Between 0 and 30 s.'),
    from: ({ ec }) => marked(formats)(ec?.press.holdSeconds ?? 3),
    into: (holdSeconds, pen) => onEcPress(pen, { holdSeconds }),
  }),
  ecAccuracy: penField({
    label: 'Accuracy the maker states',
    unit: `± ${formats.ecUnit}`,
    hint: `2 % of the full scale is common: ${formats.ecPlain(0.1)} on ${formats.ecPlain(5)}.`,
    numeric: true,
    schema: typedEc(formats, { of: 'an accuracy', from: 0.0001, to: 20 }),
    from: ({ ec }) => formats.ecPlain(ec?.accuracyMsPerCm ?? 0.1),
    into: (accuracyMsPerCm, pen) => onEc(pen, { accuracyMsPerCm }),
  }),
  ecAlpha: penField({
    label: 'Its temperature coefficient',
    options: [
      { value: '0.02', label: '2.0 % per °C' },
      { value: '0.019', label: '1.9 % per °C' },
      { value: 'none', label: 'none', hint: 'shows conductivity as it is' },
    ],
    schema: z.enum(['none', '0.019', '0.02']),
    from: ({ ec }) => {
      if (ec?.compensation === null) return 'none';
      return ec?.compensation.alphaPerC === 0.019 ? '0.019' : '0.02';
    },
    into: (alpha, pen) =>
      onEc(pen, {
        compensation:
          alpha === 'none'
            ? null
            : { referenceC: REFERENCE_C, ...pen.ec?.compensation, alphaPerC: Number(alpha) },
      }),
  }),
  ecReference: penField({
    label: 'It states conductivity at',
    options: [
      { value: '25', label: '25 °C' },
      { value: '20', label: '20 °C' },
    ],
    schema: z.enum(['20', '25']),
    from: ({ ec }) => (ec?.compensation?.referenceC === 20 ? '20' : '25'),
    into: (at, pen) =>
      pen.ec?.compensation
        ? onEc(pen, {
            compensation: { ...pen.ec.compensation, referenceC: at === '20' ? 20 : REFERENCE_C },
          })
        : pen,
  }),
});
