import type { BenchAnswer, LotAnswer, PenAnswer } from '@/book/answers';
import {
  cupTarget,
  makeEcPlan,
  makePhPlan,
  type BenchEvent,
  type BenchPlan,
  type Cup,
} from '@/core/procedure';
import { lotState, type LotFacts } from '@/core/lots';
import type { Lot, Pen, Press } from '@/records/kinds';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import { chooseLot, cupLot, ELSEWHERE, pouredFrom, USED_BEFORE } from './chooseLots';
import { planOf, thirdOf, type Chosen } from './preparePlan';
import { dipMessage } from '@/words/bench/dipMessage';
import { dipSummary, errorWords, targetLine } from '@/words/bench/benchWords';
import { pressLine } from '@/words/bench/pressWords';

const formats = makeFormats(DEFAULT_FORMATS);
const combination = GENERIC_PROFILES.find(({ id }) => id === 'combination')!;
const sitting = { tempC: 20.5, policy: 'normal' as const, lotFor: () => undefined };
const ph = makePhPlan(combination.ph!, sitting);
const ec = makeEcPlan(combination.ec!, { ...sitting, tempC: 15 });
const [seven, four] = ph.cups;

test('the target is the buffer at its temperature, in the digits of the pen', () => {
  expect(targetLine(ph, seven!, formats)).toEqual({
    value: '7.02',
    from: 'the 7.00 buffer at 20.5 °C',
  });
  expect(targetLine(ec, ec.cups[0]!, formats).value).toBe('1.43');
});

const typedIn = (
  plan: BenchPlan,
  cup: Cup,
  typed: string,
  more: { events?: readonly BenchEvent[]; pen?: PenAnswer } = {},
) => dipMessage({ plan, cup, typed, phase: 'asFound', events: [], attempt: 1, ...more }, formats);

test('what is typed at a cup is checked there and asked about once', () => {
  expect(typedIn(ph, seven!, '')?.text).toContain('Type the value');
  expect(typedIn(ph, seven!, '71')?.instead?.typed).toBe('7.1');
  expect(typedIn(ph, seven!, '4,1')).toMatchObject({ sure: expect.any(String) });
  expect(typedIn(ec, ec.cups[0]!, '1413')?.instead?.typed).toBe('1.41');
  expect(typedIn(ph, four!, '4.15')).toBeUndefined();
});

test('a value far off is told what a pen of this family would take it for', () => {
  const pen = { body: combination, sides: [] } as unknown as PenAnswer;
  const words = (typed: string) => typedIn(ph, seven!, typed, { pen })?.text;
  expect(words('5.45')).toContain('between the 4.01 and the 7.00');
  expect(words('9.5')).toContain('nearest the 10.01');
  expect(words('1.2')).toContain('near none of the buffers this pen knows');
});

test('what two cups say together: swapped, or a dead probe; the earlier one can be dipped again', () => {
  const saw = (shown: number) => ({
    events: [{ type: 'read', phase: 'asFound', cupId: '7', shown, atMs: 0 }] as const,
  });
  const swapped = typedIn(ph, four!, '7.0', saw(4));
  expect(swapped?.text).toContain('Were the two cups swapped?');
  expect(swapped?.again).toMatchObject({ cup: { id: '7' }, label: 'Dip the 7.00 again' });
  expect(typedIn(ph, four!, '6.99', saw(7))?.text).toContain('the glass is cracked');
  expect(typedIn(ph, seven!, '0.00')?.text).toContain('no contact');
});

test('a value further off than the pen ever was is asked about once, in a fresh portion', () => {
  const variance = { level: 1e-4, shared: 0, gain: 1e-4 };
  const state = { quantity: 'ph', standing: 'checked', level: 0, gain: 0, variance };
  const sides = [{ quantity: 'ph', repeatStdU: 0.015, state }];
  const pen = { body: combination, sides } as unknown as PenAnswer;
  expect(typedIn(ph, seven!, '7.30', { pen })?.text).toContain('fresh portion');
  expect(typedIn(ph, seven!, '7.04', { pen })).toBeUndefined();
  // Asked in the first cup, not in the next again.
  const saw = { type: 'read', phase: 'asFound', cupId: '7', shown: 7.3, atMs: 0 } as const;
  expect(typedIn(ph, four!, '4.31', { pen })?.text).toContain('fresh portion');
  expect(typedIn(ph, four!, '4.31', { pen, events: [saw] })).toBeUndefined();
  const second = { plan: ph, cup: seven!, typed: '7.30', events: [], attempt: 2, pen };
  expect(dipMessage({ ...second, phase: 'asFound' }, formats)).toBeUndefined();
});

test('the instruction follows from the profile', () => {
  const button = combination.ph!.press;
  const first = { cup: seven!, at: 0 };
  expect(pressLine('asFound', button, '7.02', first)).toContain('Press nothing');
  expect(pressLine('asLeft', button, '7.02', first)).toContain(
    'hold the calibration button for 3 s',
  );
  const screw: Press = { ...button, by: 'screw' };
  expect(pressLine('asLeft', screw, '7.0', first)).toContain('turn the screw until it shows 7.0');
  expect(
    pressLine('asLeft', { ...button, when: 'beforeDip', confirmPress: true }, '7', first),
  ).toMatch(/^Hold the calibration button/);
  const dial = pressLine('asLeft', { ...button, by: 'dials' }, '1.41', { cup: ec.cups[0]!, at: 0 });
  expect(dial).toBe('When the display is still, turn the dial until it shows 1.41.');
});

test('errors in words, and the summary of a sitting', () => {
  expect(errorWords(ph, 0.09, formats)).toBe('0.09 pH high');
  expect(errorWords(ph, -0.001, formats)).toBe('on target');
  const events: BenchEvent[] = [
    { type: 'read', phase: 'asFound', cupId: '7', shown: 7.11, atMs: 0 },
  ];
  expect(dipSummary(ph, events, formats)).toEqual([
    expect.objectContaining({
      what: 'as found in pH 7.00',
      shown: '7.11 pH',
      target: '7.02 pH',
      error: '0.09 pH high',
      within: false,
    }),
  ]);
});

const NOW = Date.UTC(2026, 4, 1);
const lot = (id: string, body: Partial<Lot>): LotAnswer => {
  const full: Lot = {
    kind: 'buffer',
    form: 'bottle',
    nominal: 7,
    lotCode: id,
    note: '',
    left: 100,
    ...body,
  };
  const facts: LotFacts = {
    ...full,
    expiresAtMs: body.expiresAt ? Date.parse(body.expiresAt) : undefined,
    openedAtMs: undefined,
  };
  return { id, revId: id, body: full, state: lotState(facts, NOW) };
};

test('the lot in date is poured before the one past it, and never an empty one', () => {
  const old = lot('old', { expiresAt: '2026-01-01T00:00:00.000Z' });
  const fresh = lot('fresh', { expiresAt: '2027-01-01T00:00:00.000Z' });
  const empty = lot('empty', { left: 0 });
  expect(chooseLot([old, empty, fresh], 'buffer', 7)?.id).toBe('fresh');
  expect(chooseLot([old, empty], 'buffer', 7)?.id).toBe('old');
  expect(chooseLot([fresh], 'buffer', 4.01)).toBeUndefined();
});

test('a lot mixed by hand is poured as one', () => {
  const mixed = { lot: lot('a', { form: 'dissolvedSachet' }), usedBefore: false };
  expect(cupLot(mixed, 'buffer')).toMatchObject({
    lotId: 'a',
    handMade: true,
  });
});

describe('what a cup is poured from', () => {
  const old = lot('old', { expiresAt: '2026-01-01T00:00:00.000Z' });
  const fresh = lot('fresh', { expiresAt: '2027-01-01T00:00:00.000Z' });
  const from = (choice: string | undefined) =>
    pouredFrom([old, fresh], { kind: 'buffer', nominal: 7, choice });

  test('the usual lot, another one, none of the Shelf, the portion from before', () => {
    expect(from(undefined)).toMatchObject({ lot: { id: 'fresh' }, usedBefore: false });
    expect(from('old')).toMatchObject({ lot: { id: 'old' }, usedBefore: false });
    expect(from(ELSEWHERE)).toEqual({ lot: undefined, usedBefore: false });
    expect(cupLot(from(USED_BEFORE), 'buffer')).toMatchObject({ lotId: 'fresh', reused: true });
    // A lot that left the Shelf meanwhile: the usual one again.
    expect(from('gone').lot?.id).toBe('fresh');
  });

  test('the chosen lot stands in the plan', () => {
    const answer = { pen: { body: combination }, lots: [old, fresh] } as unknown as BenchAnswer;
    const asked = { answer, quantity: 'ph', scope: 'full', typed: '20', formats } as const;
    const lotIds = (lots: Record<string, string>) =>
      planOf({ ...asked, chosen: { lots } }).plan?.cups.map(({ lotId }) => lotId);
    expect(lotIds({})).toEqual(['fresh', undefined]);
    expect(lotIds({ '7': 'old' })).toEqual(['old', undefined]);
    expect(lotIds({ '7': ELSEWHERE })).toEqual([undefined, undefined]);
  });
});

describe('one bottle for both sides', () => {
  const bottle = lot('both', { nominal: 4.01, alsoMsPerCm: 4.11 });
  const whole = penFromProfile(combination, { code: 'P1', name: 'Pen' });
  const pen: Pen = { ...whole, ph: { ...whole.ph!, cupsPh: [7], oneBottle: true } };
  const asked = (body: Pen, lots: readonly LotAnswer[], chosen: Chosen = {}) =>
    planOf({
      answer: { pen: { body }, lots } as unknown as BenchAnswer,
      quantity: 'ph',
      scope: 'full',
      chosen,
      typed: '25',
      formats,
    });

  test('one cup of it: the pH side by its pH, the EC side by its EC, the EC with the usual tolerance', () => {
    const { plan, also } = asked(pen, [bottle]);
    expect(plan?.cups).toMatchObject([{ id: '4.01', lotId: 'both', tolerancePh: 0.02 }]);
    expect(also).toMatchObject({ quantity: 'ec', cups: [{ lotId: 'both', toleranceRel: 0.01 }] });
    expect(cupTarget(also!, also!.cups[0]!)).toMatchObject({ value: { target: 4.11 } });
  });
  test('a pen with two modes is asked; set to separate buffers it has no second side', () => {
    const both: Pen = { ...pen, ph: { ...pen.ph!, cupsPh: [7, 4.01], twoModes: true } };
    expect(asked(both, [bottle]).also).toBeDefined();
    const points = asked(both, [bottle], { mode: 'points' });
    expect(points.also).toBeUndefined();
    expect(points.plan?.cups.map(({ id }) => id)).toEqual(['7', '4.01']);
  });
  test('it serves the EC side of other pens too, without its pH tolerance', () => {
    expect(chooseLot([bottle], 'ecStandard', 4.11)?.id).toBe('both');
    const wide = lot('wide', { nominal: 4.01, alsoMsPerCm: 4.11, tolerance: 0.05 });
    expect(cupLot({ lot: wide, usedBefore: false }, 'ecStandard')).toEqual({ lotId: 'wide' });
  });
});

test('a third cup is added for one sitting, by its family', () => {
  const body = penFromProfile(combination, { code: 'P1', name: 'Pen' });
  const answer = { pen: { body }, lots: [] } as unknown as BenchAnswer;
  const asked = { answer, quantity: 'ph', scope: 'full', typed: '20', formats } as const;
  expect(thirdOf(body)).toBe(10.01);
  expect(planOf({ ...asked, chosen: { third: true } }).plan?.cups.map(({ id }) => id)).toEqual([
    '7',
    '4.01',
    '10.01',
  ]);
});
