import { z } from 'zod';
import { marked, typedNumber } from '@/features/parts/typedNumber';
import { yesNo } from '@/features/parts/fields/kinds';
import type { Pen, PhSide } from '@/records/kinds';
import type { Formats } from '@/words';
import { FAMILY_CUPS } from './cups';
import { leafletFields } from './leaflet';
import { flag, onPh, onPhPress, penField } from './onPen';

/** How many points a pen is adjusted in, as the form's choice. */
function pointsOf(ph: PhSide | null): '1' | '2' | '3' | '3pieces' {
  const count = ph?.cupsPh.length ?? 2;
  if (count === 3) return ph?.pieces ? '3pieces' : '3';
  return count === 1 ? '1' : '2';
}

const leafletOfPh = (formats: Formats) =>
  leafletFields(formats, {
    of: ({ ph }) => ph?.leaflet,
    onto: (pen, leaflet) => onPh(pen, { leaflet }),
    unit: 'pH',
  });

/** What decides how the pH side is checked and what its numbers are worth. */
export const phSideFields = (formats: Formats) => ({
  phFamily: penField({
    label: 'Which buffers does it know?',
    options: [
      { value: 'technical', label: 'pH 4.01, 7.00, 10.01' },
      { value: 'technical-7.01', label: 'pH 4.01, 7.01, 10.01' },
      { value: 'technical-4.00', label: 'pH 4.00, 7.00, 10.00' },
      { value: 'sachet', label: 'pH 4.00, 6.86, 9.18', hint: 'powder sachets' },
    ],
    schema: z.enum(['technical', 'technical-7.01', 'technical-4.00', 'sachet']),
    from: ({ ph }) => ph?.family ?? 'technical',
    into: (family, pen) => onPh(pen, { family }),
  }),
  phPoints: penField({
    label: 'How many points?',
    disputed: 'pointCount',
    options: [
      { value: '2', label: 'two', hint: 'they bracket the work' },
      { value: '1', label: 'one', hint: 'leaves the slope unknown' },
      { value: '3', label: 'three, one line', hint: 'when samples run above 8' },
      { value: '3pieces', label: 'three, two pieces', hint: 'meeting at the neutral buffer' },
    ],
    schema: z.enum(['1', '2', '3', '3pieces']),
    from: ({ ph }) => pointsOf(ph),
    into: (points, pen) =>
      onPh(pen, {
        cupsPh: FAMILY_CUPS[pen.ph?.family ?? 'technical'].slice(0, Number(points[0])),
        pieces: flag(points === '3pieces'),
      }),
  }),
  phAdjust: penField({
    label: 'How is it adjusted?',
    options: [
      { value: 'button', label: 'button', hint: 'finds its buffer' },
      { value: 'steps', label: 'stepped up or down' },
      { value: 'screw', label: 'trim screw' },
      { value: 'dials', label: 'two dials', hint: 'zero, then slope' },
      { value: 'none', label: 'not at all', hint: 'verify only' },
    ],
    schema: z.enum(['button', 'steps', 'screw', 'dials', 'none']),
    from: ({ ph }) => ph?.press.by ?? 'button',
    into: (by, pen) => onPhPress(onPh(pen, { adjustable: by !== 'none' }), { by }),
  }),
  phResolution: penField({
    label: 'Last digit of the display',
    options: [
      { value: '0.01', label: '0.01 pH' },
      { value: '0.1', label: '0.1 pH' },
    ],
    schema: z.enum(['0.01', '0.1']),
    from: ({ ph }) => (ph?.resolutionPh === 0.1 ? '0.1' : '0.01'),
    into: (digit, pen) => onPh(pen, { resolutionPh: digit === '0.1' ? 0.1 : 0.01 }),
  }),
  phAtc: yesNo<Pen>({
    label: 'Does it compensate for temperature?',
    from: ({ ph }) => ph?.hasAtc ?? true,
    into: (hasAtc, pen) => onPh(pen, { hasAtc }),
  }),
  phBelow: leafletOfPh(formats).below,
  phAbove: leafletOfPh(formats).above,
  phAccuracy: penField({
    label: 'Accuracy the maker states',
    unit: '± pH',
    numeric: true,
    schema: typedNumber('accuracy').refine((a) => a > 0 && a <= 1, 'Between 0.01 and 1 pH.'),
    from: ({ ph }) => marked(formats)(ph?.accuracyPh ?? 0.1),
    into: (accuracyPh, pen) => onPh(pen, { accuracyPh }),
  }),
});
