import { makePhPlan } from '@/core/procedure';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { penHints, pressLine } from '@/words/bench/benchWords';
import { penSchema } from '@/records';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { openedWith, schemaOf, takenInto } from '@/features/parts/fields/field';
import { penFields, penParts } from '.';
import { asFamilyPrints, typedCups } from './cups';

const formats = makeFormats(DEFAULT_FORMATS);
const fields = penFields(penParts(formats));
const base = penFromProfile(GENERIC_PROFILES[0]!, { code: 'P1', name: 'Pen' });
const changed = (more: object) =>
  penSchema.parse(
    takenInto(fields, schemaOf(fields).parse({ ...openedWith(fields, base), ...more }), base),
  );

test('cups are read in the order typed, comma or point; nonsense is none', () => {
  expect(typedCups('4,01 7')).toEqual([4.01, 7]);
  expect(typedCups('7; 4.01; 10.01')).toEqual([7, 4.01, 10.01]);
  expect(typedCups('')).toBeUndefined();
  expect(typedCups('7 4 9 10')).toBeUndefined();
  expect(typedCups('seven')).toBeUndefined();
});

test('family and cups never contradict: each typed cup is the buffer its family prints', () => {
  expect(asFamilyPrints('technical-7.01', [7, 10, 4])).toEqual([7.01, 10.01, 4.01]);
  expect(asFamilyPrints('technical-4.00', [4.01, 7])).toEqual([4, 7]);
  expect(asFamilyPrints('sachet', [6.86, 9.2])).toEqual([6.86, 9.18]);
  // A buffer of no family, with a table on its label.
  expect(asFamilyPrints('technical', [7, 5])).toEqual([7, 5]);
});

test('every property reaches the pen', () => {
  const pen = changed({
    phCups: '4.01 7',
    phStores: 'nominal',
    phWhen: 'beforeDip',
    phHold: '5',
    phConfirm: 'yes',
    phPicks: '1, 2',
    phBetween: 'offAfterEach',
    phPastOff: 'yes',
    phUnseen: 'yes',
    phSpear: 'yes',
    phReplaceable: 'yes',
    phWetBy: 'liquid',
    phFirstSoak: '2',
    autoOff: '4',
    errorTexts: 'E1: too early\nE2: wrong: cup',
    displaySleeps: 'yes',
    markDays: '30',
    usesAllowed: '25',
    lifeDays: '300',
    serial: 'A1',
    waterproof: 'yes',
  });
  expect(pen.ph).toMatchObject({
    cupsPh: [4.01, 7],
    storesNominal: true,
    spearTip: true,
    replaceable: true,
    wetting: { by: 'liquid', firstSoakHours: 2 },
    press: {
      when: 'beforeDip',
      holdSeconds: 5,
      confirmPress: true,
      picksBy: [1, 2],
      between: 'offAfterEach',
      holdPastOff: true,
      endsUnseen: true,
      autoOffMinutes: 4,
      errors: [
        { text: 'E1', means: 'too early' },
        { text: 'E2', means: 'wrong: cup' },
      ],
    },
  });
  expect(pen).toMatchObject({
    display: { sleeps: true, markDays: 30 },
    expectedLifeDays: 300,
    usesAllowed: 25,
    papers: { serial: 'A1', waterproof: true },
  });
});

test('left alone, nothing is said of what nobody said', () => {
  const pen = changed({});
  expect(pen.display).toBeUndefined();
  expect(pen.papers).toBeUndefined();
  expect(pen.ph?.wetting).toBeUndefined();
});

describe('the procedure follows from the profile alone', () => {
  const { cups } = makePhPlan(base.ph!, { tempC: 20, policy: 'normal', lotFor: () => undefined });
  const line = (press: object, phase: 'asFound' | 'asLeft' | 'confirm' = 'asLeft', at = 0) =>
    pressLine(phase, { ...base.ph!.press, ...press }, '7.02', { cup: cups[at]!, at });

  test('button: held, past the word for off, chosen by presses, confirmed', () => {
    expect(line({})).toMatch(/^When it is still, hold the button 3 s, let go\./);
    expect(line({ holdPastOff: true })).toContain('on past the word for off 3 s');
    expect(line({ picksBy: [1, 2] }, 'asLeft', 1)).toContain('press shortly 2 times');
    expect(line({ confirmPress: true })).toContain('Press once more to confirm.');
    expect(line({ when: 'beforeDip' })).toMatch(/^Before dipping, hold/);
    expect(line({ holdSeconds: 0 })).toContain('press the button');
  });
  test('between the points it stays on, loses them, or is switched off', () => {
    expect(line({ between: 'offLosesPoints' })).toContain('would lose its points');
    expect(line({ between: 'offAfterEach' })).toContain('Then switch it off');
    expect(line({ endsUnseen: true })).toContain('ended unseen');
  });
  test('screw, dials and steps lead to the target; as found presses nothing', () => {
    expect(line({ by: 'screw' })).toBe('When it is still, turn the screw until it shows 7.02.');
    expect(line({ by: 'dials' }, 'asLeft', 0)).toContain('zero dial');
    expect(line({ by: 'dials' }, 'asLeft', 1)).toContain('slope dial');
    // The 4 first: its dial is still the slope's.
    const fourFirst = pressLine('asLeft', { ...base.ph!.press, by: 'dials' }, '4.00', {
      cup: cups[1]!,
      at: 0,
    });
    expect(fourFirst).toBe('When it is still, turn the slope dial until it shows 4.00.');
    expect(line({ by: 'steps' })).toContain('step the value up or down until it shows 7.02');
    expect(line({ by: 'none' })).toContain('cannot be adjusted');
    expect(line({}, 'asFound')).toContain('Don’t press anything');
    expect(line({}, 'confirm')).toContain('Read only');
  });
  test('what to know before the first cup', () => {
    const pen = changed({
      displayHolds: 'yes',
      displayPress: 'yes',
      displaySleeps: 'yes',
      markDays: '30',
      autoOff: '8',
      phBetween: 'offLosesPoints',
      phSpear: 'yes',
      phOneBottle: 'yes',
    });
    const hints = penHints(pen, 'ph').join(' ');
    for (const part of [
      'one-bottle mode',
      'after 8 min',
      'Do not switch it off between points',
      'It sleeps',
      'off hold',
      'only after a press',
      'only counts 30 days',
      'Spear tip',
    ])
      expect(hints).toContain(part);
  });
});
