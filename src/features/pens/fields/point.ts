import { z } from 'zod';
import { line, yesNo } from '@/features/parts/fields/kinds';
import { marked, typedNumber } from '@/features/parts/typedNumber';
import type { Pen, Press } from '@/records/kinds';
import type { Formats } from '@/words';
import { flag, onPh, onPhPress, onWetting, penField, USUAL_WETTING } from './onPen';

/** "Err1: pressed too early" in lines, as texts and what they mean. */
function errorsOf(typed: string): Press['errors'] {
  const errors = typed
    .split('\n')
    .map((each) => each.split(':'))
    .filter(([text]) => text?.trim())
    .slice(0, 8)
    .map(([text = '', ...means]) => ({ text: text.trim(), means: means.join(':').trim() }));
  return errors.length > 0 ? errors : undefined;
}

/** How the pH side takes a point; the procedure follows from it. */
export const pointFields = (formats: Formats) => ({
  phWord: line<Pen>({
    label: 'What stands on its calibration button?',
    hint: 'E.g. CAL. The steps then name it.',
    most: 12,
    from: ({ ph }) => ph?.press.word,
    into: (word, pen) => onPhPress(pen, { word: word.trim() || undefined }),
  }),
  phStores: penField({
    label: 'What does it store?',
    options: [
      { value: 'atTemperature', label: 'the value at its temperature' },
      {
        value: 'nominal',
        label: 'the printed value',
        hint: 'whatever the temperature; Zolder corrects for it',
      },
    ],
    schema: z.enum(['atTemperature', 'nominal']),
    from: ({ ph }) => (ph?.storesNominal ? 'nominal' : 'atTemperature'),
    into: (stores, pen) => onPh(pen, { storesNominal: stores === 'nominal' }),
  }),
  phHold: penField({
    label: 'How long is it held?',
    unit: 's',
    numeric: true,
    schema: typedNumber('seconds').refine((s) => s >= 0 && s <= 30, 'Between 0 and 30 s.'),
    from: ({ ph }) => marked(formats)(ph?.press.holdSeconds ?? 3),
    into: (holdSeconds, pen) => onPhPress(pen, { holdSeconds }),
  }),
  phPastOff: yesNo<Pen>({
    label: 'Does the same button switch it off first?',
    from: ({ ph }) => ph?.press.holdPastOff,
    into: (said, pen) => onPhPress(pen, { holdPastOff: flag(said) }),
  }),
  phPicks: penField({
    label: 'Short presses that pick the buffer',
    hint: 'For the first, second, third cup: 1 2 3. Empty: it finds them itself.',
    schema: z
      .string()
      .regex(/^[\d ,]*$/, 'Numbers of presses, e.g. 1 2 3.')
      .transform((typed) => typed.split(/[ ,]+/).filter(Boolean).map(Number).slice(0, 3)),
    from: ({ ph }) => (ph?.press.picksBy ?? []).join(' '),
    into: (picks, pen) => onPhPress(pen, { picksBy: picks.length > 0 ? picks : undefined }),
  }),
  phConfirm: yesNo<Pen>({
    label: 'Does a second press confirm?',
    from: ({ ph }) => ph?.press.confirmPress,
    into: (confirmPress, pen) => onPhPress(pen, { confirmPress }),
  }),
  phUnseen: yesNo<Pen>({
    label: 'Can it return to measuring before you have read the stored value?',
    from: ({ ph }) => ph?.press.endsUnseen,
    into: (said, pen) => onPhPress(pen, { endsUnseen: flag(said) }),
  }),
  phBetween: penField({
    label: 'Between the points',
    options: [
      { value: 'staysOn', label: 'it stays on' },
      { value: 'offLosesPoints', label: 'switched off it loses them' },
      { value: 'offAfterEach', label: 'it is switched off after each' },
    ],
    schema: z.enum(['staysOn', 'offLosesPoints', 'offAfterEach']),
    from: ({ ph }) => ph?.press.between ?? 'staysOn',
    into: (between, pen) =>
      onPhPress(pen, { between: between === 'staysOn' ? undefined : between }),
  }),
  errorTexts: line<Pen>({
    label: 'Errors it shows, and what they mean',
    hint: 'One in a line or two: Err1: pressed while it moved',
    most: 1000,
    from: ({ ph }) => (ph?.press.errors ?? []).map((e) => `${e.text}: ${e.means}`).join('\n'),
    into: (typed, pen) => onPhPress(pen, { errors: errorsOf(typed) }),
  }),
  phOneBottle: penField({
    label: 'One bottle for pH and EC?',
    options: [
      { value: 'no', label: 'no', hint: 'separate buffers' },
      { value: 'always', label: 'always' },
      { value: 'either', label: 'it can be set to either', hint: 'asked at each check' },
    ],
    schema: z.enum(['no', 'always', 'either']),
    from: ({ ph }) => (ph?.oneBottle ? (ph.twoModes ? 'either' : 'always') : 'no'),
    into: (said, pen) =>
      onPh(pen, { oneBottle: flag(said !== 'no'), twoModes: flag(said === 'either') }),
  }),
  phReplaceable: yesNo<Pen>({
    label: 'Can its probe be changed?',
    from: ({ ph }) => ph?.replaceable,
    into: (said, pen) => onPh(pen, { replaceable: flag(said) }),
  }),
  phPureWater: yesNo<Pen>({
    label: 'An electrode for pure water?',
    from: ({ ph }) => ph?.pureWater,
    into: (said, pen) => onPh(pen, { pureWater: flag(said) }),
  }),
  phSpear: yesNo<Pen>({
    label: 'A spear tip for soil?',
    from: ({ ph }) => ph?.spearTip,
    into: (said, pen) => onPh(pen, { spearTip: flag(said) }),
  }),
  phWetBy: penField({
    label: 'What keeps the tip wet?',
    options: [
      { value: 'sponge', label: 'a sponge in the cap' },
      { value: 'liquid', label: 'liquid in the cap' },
      { value: 'bottle', label: 'a screwed-on bottle' },
      { value: 'dry', label: 'nothing', hint: 'a gel or dry-stored tip' },
    ],
    schema: z.enum(['sponge', 'liquid', 'bottle', 'dry']),
    from: ({ ph }) => ph?.wetting?.by ?? USUAL_WETTING.by,
    into: (by, pen) => onWetting(pen, { by }),
  }),
  phFirstSoak: penField({
    label: 'Soak before its first use',
    unit: 'h',
    numeric: true,
    schema: typedNumber('hours').refine((h) => h >= 0 && h <= 72, 'Between 0 and 72 h.'),
    from: ({ ph }) => marked(formats)(ph?.wetting?.firstSoakHours ?? USUAL_WETTING.firstSoakHours),
    into: (firstSoakHours, pen) => onWetting(pen, { firstSoakHours }),
  }),
});
