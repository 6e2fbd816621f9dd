import { z } from 'zod';
import { marked, typedNumber } from '@/features/parts/typedNumber';
import { line, yesNo } from '@/features/parts/fields/kinds';
import type { Pen, PhSide } from '@/records/kinds';
import type { Formats } from '@/words';
import { asFamilyPrints, FAMILY_CUPS, hasUsualCups, typedCups } from './cups';
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
      { value: '2', label: 'two', hint: 'enough below 8 pH' },
      { value: '1', label: 'one', hint: 'right near that value only' },
      { value: '3', label: 'three', hint: 'when tanks run above 8 pH' },
      {
        value: '3pieces',
        label: 'three, with its own line below and above 7',
        hint: 'if your manual says so',
      },
    ],
    schema: z.enum(['1', '2', '3', '3pieces']),
    from: ({ ph }) => pointsOf(ph),
    into: (points, pen) =>
      onPh(pen, {
        cupsPh: FAMILY_CUPS[pen.ph?.family ?? 'technical'].slice(0, Number(points[0])),
        pieces: flag(points === '3pieces'),
      }),
  }),
  phCups: line<Pen>({
    label: 'In which order are they dipped?',
    hint: 'Empty: 7, then 4, then 10. Else like 4 7, or 7 10 4.',
    disputed: 'pointOrder',
    most: 40,
    from: ({ ph }) => (ph && !hasUsualCups(ph) ? ph.cupsPh.map(marked(formats)).join(' ') : ''),
    into: (typed, pen) => {
      const cupsPh = typedCups(typed);
      if (!cupsPh || !pen.ph) return pen;
      return onPh(pen, { cupsPh: [...asFamilyPrints(pen.ph.family, cupsPh)] });
    },
  }),
  phAdjust: penField({
    label: 'How is it adjusted?',
    options: [
      { value: 'button', label: 'a calibration button' },
      { value: 'steps', label: 'the value is stepped up or down' },
      { value: 'screw', label: 'no button: a small screw' },
      { value: 'dials', label: 'two dials' },
      { value: 'none', label: 'not at all', hint: 'it is only compared' },
    ],
    schema: z.enum(['button', 'steps', 'screw', 'dials', 'none']),
    from: ({ ph }) => ph?.press.by ?? 'button',
    into: (by, pen) => onPhPress(onPh(pen, { adjustable: by !== 'none' }), { by }),
  }),
  phWhen: penField({
    label: 'When is its button pressed?',
    options: [
      { value: 'afterDip', label: 'in the cup, once still' },
      { value: 'beforeDip', label: 'before dipping' },
    ],
    when: ({ phAdjust }) => phAdjust === 'button',
    schema: z.enum(['afterDip', 'beforeDip']),
    from: ({ ph }) => ph?.press.when ?? 'afterDip',
    into: (when, pen) => onPhPress(pen, { when }),
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
