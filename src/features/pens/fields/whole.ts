import { dayLine, line, yesNo } from '@/features/parts/fields/kinds';
import { marked, typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { Pen } from '@/records/kinds';
import { commonSays } from '@/words/common';
import type { Formats } from '@/words';
import { flag, onDisplay, onEcPress, onPapers, onPhPress, penField } from './onPen';

/** What its display does by itself. */
export const displayFields = (formats: Formats) => ({
  autoOff: penField({
    label: 'Switches itself off after',
    unit: 'min',
    hint: 'Empty: never.',
    numeric: true,
    schema: typedNumberOrNothing('minutes').refine(
      (m) => m === undefined || m >= 0,
      'Zero or more; empty for never.',
    ),
    from: ({ ph, ec }) => {
      const minutes = (ph ?? ec)?.press.autoOffMinutes;
      return minutes ? marked(formats)(minutes) : '';
    },
    into: (minutes, pen) => {
      const autoOffMinutes = minutes ?? null;
      return onEcPress(onPhPress(pen, { autoOffMinutes }), { autoOffMinutes });
    },
  }),
  displayHolds: yesNo<Pen>({
    label: 'Has it a HOLD key?',
    from: ({ display }) => display?.holds,
    into: (said, pen) => onDisplay(pen, { holds: flag(said) }),
  }),
  displayPress: yesNo<Pen>({
    label: 'Does it measure only after a press?',
    from: ({ display }) => display?.measuresOnPress,
    into: (said, pen) => onDisplay(pen, { measuresOnPress: flag(said) }),
  }),
  displaySleeps: yesNo<Pen>({
    label: 'Does it sleep while you wait?',
    from: ({ display }) => display?.sleeps,
    into: (said, pen) => onDisplay(pen, { sleeps: flag(said) }),
  }),
  markDays: penField({
    label: 'Its “calibrated” sign goes out after',
    unit: 'days',
    hint: 'It only counts days; it measures nothing. Empty: it has none.',
    numeric: true,
    schema: typedNumberOrNothing('days').refine(
      (d) => d === undefined || (d > 0 && d <= 365),
      'Between 1 and 365; empty for none.',
    ),
    from: ({ display }) => (display?.markDays ? marked(formats)(display.markDays) : ''),
    into: (markDays, pen) => onDisplay(pen, { markDays }),
  }),
});

/** Its papers, its life, a note. */
export const paperFields = (formats: Formats) => ({
  serial: line<Pen>({
    label: 'Device number',
    from: ({ papers }) => papers?.serial,
    into: (serial, pen) => onPapers(pen, { serial }),
  }),
  boughtOn: dayLine<Pen>({
    label: 'Bought on',
    from: ({ papers }) => papers?.boughtOn,
    into: (boughtOn, pen) => onPapers(pen, { boughtOn }),
  }),
  guaranteeUntil: dayLine<Pen>({
    label: 'Guarantee until',
    from: ({ papers }) => papers?.guaranteeUntil,
    into: (guaranteeUntil, pen) => onPapers(pen, { guaranteeUntil }),
  }),
  certificate: line<Pen>({
    label: 'Certificate',
    from: ({ papers }) => papers?.certificate,
    into: (certificate, pen) => onPapers(pen, { certificate }),
  }),
  batteries: line<Pen>({
    label: 'Batteries',
    from: ({ papers }) => papers?.batteries,
    into: (batteries, pen) => onPapers(pen, { batteries }),
  }),
  waterproof: yesNo<Pen>({
    label: 'Waterproof?',
    from: ({ papers }) => papers?.waterproof,
    into: (said, pen) => onPapers(pen, { waterproof: flag(said) }),
  }),
  lifeDays: penField({
    label: 'Its pH probe should last',
    unit: 'days',
    hint: 'Empty: a year. Nine to twelve months are common in daily use.',
    numeric: true,
    schema: typedNumberOrNothing('days').refine(
      (d) => d === undefined || (d > 0 && d <= 3650),
      'Between 1 and 3650; empty for a year.',
    ),
    from: ({ expectedLifeDays }) => (expectedLifeDays ? marked(formats)(expectedLifeDays) : ''),
    into: (expectedLifeDays, pen) => ({ ...pen, expectedLifeDays }),
  }),
  note: line<Pen>({
    label: commonSays.note,
    most: 4000,
    from: (pen) => pen.note,
    into: (note, pen) => ({ ...pen, note }),
  }),
});
