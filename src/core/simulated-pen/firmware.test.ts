import {
  act,
  advance,
  cupOf,
  displayOf,
  rested,
  shownPh,
  startWorld,
  storeFrom,
  trueErrorPh,
  untilStill,
  FACTORY_PH,
  type Act,
  type PressTraits,
  type SimProfile,
  type World,
} from './index';

const press: PressTraits = {
  by: 'button',
  when: 'afterDip',
  holdSeconds: 3,
  confirmPress: false,
  autoOffMinutes: null,
};

type Side = NonNullable<SimProfile['ph']>;
const pen = (more: Partial<PressTraits> = {}, side: Partial<Side> = {}): SimProfile => ({
  ph: {
    resolutionPh: 0.01,
    accuracyPh: 0.1,
    hasAtc: true,
    family: 'technical',
    cupsPh: [7, 4.01],
    adjustable: true,
    storesNominal: false,
    press: { ...press, ...more },
    ...side,
  },
  ec: null,
});

const bench = (profile: SimProfile, tempC = 21): World =>
  startWorld({
    seed: 3,
    profile,
    roomC: tempC,
    probe: { zeroMv: 12, efficiency: 0.96, ageDays: 30 },
    cups: [7, 4.01, 9.18].map((nominalPh) => cupOf({ kind: 'buffer', nominalPh }, tempC)),
  });

const all = (world: World, ...acts: readonly Act[]): World => acts.reduce(act, world);
const into = (cup: string): readonly Act[] => [
  { do: 'rinse', with: 'tap' },
  { do: 'shake' },
  { do: 'dip', cup },
  { do: 'stir' },
];
const settledIn = (world: World, cup: string) => untilStill(all(world, ...into(cup)));
const CAL: Act = { do: 'cal', seconds: 3 };

test('one point sets the zero, two the slope too: by hand', () => {
  // 59.159 mV a pH at 25 °C. A probe of 12 mV zero and 0.95 slope.
  const at = (ph: number) => ({ mv: 12 - 0.95 * 59.159 * (ph - 7), sensorC: 25, ph });
  const by = { hasAtc: true, pieces: false, before: FACTORY_PH };
  const one = storeFrom([at(7)], by);
  expect(one.zeroMv).toBeCloseTo(12, 9);
  expect(one.gainBelow).toBe(1);
  expect(shownPh(one, at(4).mv, 25, true)).toBeCloseTo(7 - 0.95 * 3, 3);
  const two = storeFrom([at(7), at(4)], by);
  expect(two.gainBelow).toBeCloseTo(0.95, 4);
  expect(shownPh(two, at(5.5).mv, 25, true)).toBeCloseTo(5.5, 6);
});

test('three points in pieces meet in the middle one; the best line misses all a little', () => {
  const mv = { 4: 175, 7: 0, 10: -150 } as const;
  const points = ([4, 7, 10] as const).map((ph) => ({ mv: mv[ph], sensorC: 25, ph }));
  const pieces = storeFrom(points, { hasAtc: true, pieces: true, before: FACTORY_PH });
  for (const { mv: each, ph } of points) expect(shownPh(pieces, each, 25, true)).toBeCloseTo(ph, 6);
  const line = storeFrom(points, { hasAtc: true, pieces: false, before: FACTORY_PH });
  const misses = points.map(({ mv: each, ph }) => Math.abs(shownPh(line, each, 25, true) - ph));
  expect(Math.min(...misses)).toBeGreaterThan(0.03);
});

test('a pen that is off comes on at a press, and shows its error of the moment', () => {
  const world = bench(pen());
  expect(displayOf(world).state).toBe('off');
  const on = settledIn(act(world, { do: 'power' }), '7');
  expect(displayOf(on).value).toBeCloseTo(7.02 + trueErrorPh(on, 7.02), 1);
});

test('a pen with a gate refuses a point that still moves, and takes it when it is still', () => {
  const gated = pen({ errors: [{ text: 'Er1', means: 'too early' }] });
  const early = all(bench(gated), { do: 'power' }, ...into('7'), CAL);
  expect(displayOf(early)).toMatchObject({ state: 'error', error: { kind: 'early', text: 'Er1' } });
  expect(early.points).toHaveLength(0);
  const still = act(settledIn(advance(early, 5), '7'), CAL);
  expect(still.points).toHaveLength(1);
  expect(displayOf(still)).toMatchObject({ state: 'took' });
});

test('a pen without one stores the wrong point', () => {
  const early = all(bench(pen()), { do: 'power' }, ...into('7'), { do: 'wait', seconds: 4 }, CAL);
  expect(early.points).toHaveLength(1);
  const late = act(settledIn(act(bench(pen()), { do: 'power' }), '7'), CAL);
  const error = (world: World) => Math.abs(trueErrorPh(world, 7));
  expect(error(early)).toBeGreaterThan(error(late) + 0.02);
});

test('the first point takes the neutral buffer only', () => {
  const wrong = act(settledIn(act(bench(pen()), { do: 'power' }), '4.01'), CAL);
  expect(displayOf(wrong).error?.kind).toBe('wrongBuffer');
  const typed = { ...pen({ errors: [{ text: 'E9', means: 'wrong buffer' }] }) };
  const named = act(settledIn(act(bench(typed), { do: 'power' }), '4.01'), CAL);
  expect(displayOf(named).error?.text).toBe('E9');
});

const adjusted = (profile: SimProfile, tempC = 21) => {
  const first = act(settledIn(act(bench(profile, tempC), { do: 'power' }), '7'), CAL);
  return act(settledIn(advance(first, 4), '4.01'), CAL);
};

test('after two points it is right in between; a whole calibration sets the mark', () => {
  const world = adjusted(pen());
  expect(Math.abs(trueErrorPh(world, 5.8))).toBeLessThan(0.02);
  expect(displayOf(world).mark).toBe(true);
  const marked = { ...pen(), display: { markDays: 30 } };
  const fresh = adjusted(marked);
  expect(displayOf(rested(fresh, 29 * 24)).mark).toBe(true);
  expect(displayOf(rested(fresh, 31 * 24)).mark).toBe(false);
});

/* At 10 °C the 7.00 is 7.06: a pen that stores 7.00 there is 0.06 low at 7. */
test('a pen that stores the printed value is off by what the table says', () => {
  const [table, printed] = [adjusted(pen(), 10), adjusted(pen({}, { storesNominal: true }), 10)];
  const low = trueErrorPh(printed, 7.06, 10) - trueErrorPh(table, 7.06, 10);
  expect(low).toBeCloseTo(-0.06, 2);
});

test('switched off between points: some lose them, some switch off by themselves', () => {
  const one = (between: PressTraits['between']) =>
    act(settledIn(act(bench(pen({ between })), { do: 'power' }), '7'), CAL);
  const kept = one('staysOn');
  expect(kept.firmware.points).toHaveLength(1);
  const lost = act(advance(one('offLosesPoints'), 4), { do: 'power' });
  expect(lost.firmware).toMatchObject({ on: false, points: [], ph: FACTORY_PH });
  expect(one('offAfterEach').firmware.on).toBe(false);
  const again = all(one('offAfterEach'), { do: 'power' });
  expect(act(settledIn(again, '4.01'), CAL).points).toHaveLength(2);
});

test('one button for both: held short of the calibration it switches off', () => {
  const both = act(bench(pen({ holdPastOff: true, holdSeconds: 5 })), { do: 'power' });
  const still = settledIn(both, '7');
  expect(act(still, { do: 'cal', seconds: 2 }).firmware.on).toBe(false);
  expect(act(still, { do: 'cal', seconds: 5 }).points).toHaveLength(1);
});

test('a second press confirms, and not before it is still', () => {
  const confirms = pen({ confirmPress: true });
  const begun = all(bench(confirms), { do: 'power' }, ...into('7'), CAL);
  expect(displayOf(begun).state).toBe('calibrate');
  expect(displayOf(act(begun, { do: 'cal', seconds: 0.5 })).error?.kind).toBe('early');
  const still = act(untilStill(begun), { do: 'cal', seconds: 0.5 });
  expect(still.points).toHaveLength(1);
});

test('a pen pressed before the dip takes its point by itself once it is still', () => {
  const before = pen({ when: 'beforeDip' });
  const pressed = all(bench(before), { do: 'power' }, { do: 'rinse', with: 'tap' }, CAL);
  expect(pressed.points).toHaveLength(0);
  const taken = act(all(pressed, { do: 'dip', cup: '7' }, { do: 'stir' }), {
    do: 'wait',
    seconds: 120,
  });
  expect(taken.points).toHaveLength(1);
});

test('short presses choose the buffer', () => {
  const picks = pen({ picksBy: [1, 2] });
  const still = settledIn(act(bench(picks), { do: 'power' }), '7');
  const SHORT: Act = { do: 'cal', seconds: 0.5 };
  expect(all(still, SHORT, CAL).points).toHaveLength(1);
  expect(displayOf(all(still, SHORT, SHORT, SHORT, CAL)).error?.kind).toBe('wrongBuffer');
});

test('a value is stepped to and confirmed; a screw moves the zero, a slope dial the slope', () => {
  const steps = settledIn(act(bench(pen({ by: 'steps' })), { do: 'power' }), '7');
  const typed = all(steps, CAL, { do: 'step', shown: 7.02 });
  expect(displayOf(typed).value).toBe(7.02);
  expect(Math.abs(trueErrorPh(act(typed, { do: 'cal', seconds: 0.5 }), 7.02))).toBeLessThan(0.02);
  const dials = pen({ by: 'dials', holdSeconds: 0 });
  const zero = act(settledIn(act(bench(dials), { do: 'power' }), '7'), {
    do: 'turn',
    dial: 'zero',
    shown: 7.02,
  });
  expect(zero.firmware.ph.gainBelow).toBe(1);
  const slope = act(settledIn(zero, '4.01'), { do: 'turn', dial: 'slope', shown: 4 });
  expect(slope.firmware.ph.gainBelow).toBeCloseTo(0.96, 1);
  expect(Math.abs(trueErrorPh(slope, 5.5))).toBeLessThan(0.02);
});

test('it switches itself off, sleeps and wakes, holds a number when asked', () => {
  const off = advance(act(bench(pen({ autoOffMinutes: 4 })), { do: 'power' }), 245);
  expect(displayOf(off).state).toBe('off');
  const sleeps = { ...pen(), display: { sleeps: true, holds: true } };
  const slept = advance(act(bench(sleeps), { do: 'power' }), 70);
  expect(displayOf(slept).state).toBe('asleep');
  expect(displayOf(act(slept, { do: 'power' })).state).toBe('shows');
  const held = all(
    settledIn(act(bench(sleeps), { do: 'power' }), '7'),
    { do: 'power' },
    { do: 'hold' },
  );
  const elsewhere = act(settledIn(held, '4.01'), { do: 'power' });
  expect(displayOf(elsewhere)).toMatchObject({ held: true, value: displayOf(held).value });
});

test('a pen that measures on a press goes on until it is still, then stands', () => {
  const onPress = { ...pen(), display: { measuresOnPress: true } };
  const begun = all(bench(onPress), { do: 'power' }, ...into('4.01'), { do: 'measure' });
  expect(displayOf(begun).held).toBe(false);
  expect(displayOf(advance(begun, 120)).held).toBe(true);
});

test('an empty battery ends it', () => {
  const weak = { ...act(bench(pen()), { do: 'power' }), batteryH: 0.05 };
  expect(displayOf(weak).lowBattery).toBe(true);
  expect(displayOf(advance(weak, 300)).state).toBe('off');
});

test('a point far from any sense is refused', () => {
  const worn = startWorld({
    seed: 3,
    profile: pen(),
    probe: { efficiency: 0.5 },
    cups: [7, 4.01].map((nominalPh) => cupOf({ kind: 'buffer', nominalPh }, 21)),
  });
  const first = act(settledIn(act(worn, { do: 'power' }), '7'), CAL);
  const second = act(settledIn(advance(first, 4), '4.01'), CAL);
  expect(['slope', 'wrongBuffer']).toContain(displayOf(second).error?.kind);
});
