import { makePhPlan } from '@/core/procedure';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { dipTitle, penHints, pressLine } from '@/words/bench/pressWords';
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
    expect(line({})).toMatch(
      /^When the display is still, hold the calibration button for 3 s and let go\./,
    );
    expect(line({ holdPastOff: true })).toContain(
      'past OFF, for about 3 s, until the calibration sign shows',
    );
    expect(line({ picksBy: [1, 2] }, 'asLeft', 1)).toContain(
      'shortly 2 times to choose this buffer',
    );
    expect(line({ confirmPress: true })).toContain(
      'Press the calibration button once more to confirm.',
    );
    expect(line({ when: 'beforeDip' })).toMatch(
      /^Hold the calibration button for 3 s and let go\. Then dip/,
    );
    expect(line({ holdSeconds: 0 })).toContain('press the calibration button.');
  });
  test('between the points it stays on, loses them, or is switched off', () => {
    expect(line({ between: 'offLosesPoints' })).toContain('would lose its points');
    expect(line({ between: 'offAfterEach' })).toContain('Then switch the pen off');
    expect(line({ endsUnseen: true })).toContain('ended before you saw it');
  });
  test('screw, dials and steps lead to the target; as found presses nothing', () => {
    expect(line({ by: 'screw' })).toBe(
      'When the display is still, turn the screw until it shows 7.02.',
    );
    expect(line({ by: 'dials' }, 'asLeft', 0)).toContain('zero dial');
    expect(line({ by: 'dials' }, 'asLeft', 1)).toContain('slope dial');
    // The 4 first: its dial is still the slope's.
    const fourFirst = pressLine('asLeft', { ...base.ph!.press, by: 'dials' }, '4.00', {
      cup: cups[1]!,
      at: 0,
    });
    expect(fourFirst).toBe('When the display is still, turn the slope dial until it shows 4.00.');
    expect(line({ by: 'steps' })).toContain('step the value up or down until it shows 7.02');
    expect(line({ by: 'none' })).toContain('cannot be adjusted');
    expect(line({}, 'asFound')).toContain('Press nothing');
    expect(line({}, 'confirm')).toContain('Only read');
  });
  test('its own word stands in every step, in the order of the hands', () => {
    const cal = { word: 'CAL', confirmPress: true };
    expect(line(cal)).toBe(
      'When the display is still, hold CAL for 3 s and let go. Press CAL once more to confirm. Type the value it took.',
    );
    const before = { ...base.ph!.press, ...cal, when: 'beforeDip' as const };
    expect(dipTitle('asLeft', cups[0]!, { press: before, formats })).toBe(
      'Rinse, shake, press CAL. Then dip in the 7.00.',
    );
    expect(line({ ...cal, when: 'beforeDip' })).toBe(
      'Hold CAL for 3 s and let go. Then dip and wait until the display is still. Press CAL once more to confirm. Type the value it took.',
    );
    // A pen that measures on a press says so at every dip, and never asks for nothing to be pressed.
    const display = { measuresOnPress: true };
    for (const phase of ['asFound', 'confirm'] as const)
      expect(dipTitle(phase, cups[0]!, { press: before, display, formats })).toContain(
        'Press to measure and wait for its sign.',
      );
    expect(pressLine('asFound', before, '7.02', { cup: cups[0]!, at: 0, display })).toBe(
      'Measure as usual. Leave CAL alone, and do not clean the probe first.',
    );
  });
  test('only a pen with a button may have a setting for its points', () => {
    const hints = (by: 'button' | 'dials' | 'screw', cupCount: number) =>
      penHints({ ...base, ph: { ...base.ph!, press: { ...base.ph!.press, by } } }, 'ph', cupCount);
    expect(hints('button', 3)[0]).toBe('If your pen has a 1-, 2- or 3-point setting, set it to 3.');
    expect(hints('dials', 2).join(' ')).not.toContain('setting');
    expect(hints('screw', 1).join(' ')).not.toContain('setting');
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
      phOneBottle: 'always',
    });
    const hints = penHints(pen, 'ph', 2).join(' ');
    for (const part of [
      'one-bottle setting',
      'after 8 min',
      'Do not switch it off between points',
      'It sleeps',
      'HOLD is on',
      'only after a press',
      'only counts 30 days',
      'Spear tip',
    ])
      expect(hints).toContain(part);
  });
});
