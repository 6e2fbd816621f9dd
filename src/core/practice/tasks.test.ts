import {
  costsOf,
  dipWell,
  handsAt,
  neededMl,
  play,
  practiceOf,
  rightsOf,
  rightWay,
  SLIPS,
  TASK_IDS,
  type MistakeKind,
  type Outcome,
  type TaskId,
} from './index';
import { PLAIN } from './tasks/pens';

const SEEDS = [42, 977];

/** What each slip must cost, by the law behind it and not by a table of points: the number and its least size. */
const COSTS: Readonly<Record<TaskId, readonly [keyof Outcome, number]>> = {
  newPen: ['errorPh', 0.04],
  foundGood: ['minutes', 1],
  // Two hundredths, which the chance of a digit may hide; their mean is held further down.
  cold16: ['errorPh', -0.01],
  sachets: ['errorPh', 0.005],
  trimScrew: ['errorPh', 0.03],
  twoDials: ['errorPh', 0.05],
  tooEarly: ['errorPh', 0.1],
  swapped: ['errorPh', 2],
  expired: ['errorPh', 0.05],
  greasyCell: ['errorEcRel', 0.1],
  bubble: ['errorEcRel', 0.1],
  pureWater: ['errorPh', 0.4],
  oldSlow: ['errorPh', 0.05],
  lookBack: ['unknownPh', 0.04],
  hardWater: ['tankOffPh', 1],
  chasing: ['productMl', 10],
  tapWater: ['errorPh', 0.4],
};

describe.each(TASK_IDS)('%s', (id) => {
  test.each(SEEDS)('done well (seed %p): no mistake, and the pen is right afterwards', (seed) => {
    const practice = practiceOf(id, seed);
    const played = play(practice, rightWay(practice));
    expect(played.steps.flatMap(({ mistakes }) => mistakes)).toEqual([]);
    expect(Math.abs(played.outcome.errorPh ?? 0)).toBeLessThan(0.04);
    expect(Math.abs(played.outcome.errorEcRel ?? 0)).toBeLessThan(0.03);
    expect(played.outcome.tankOffPh).toBe(0);
    expect(played.outcome.unknownPh).toBeLessThan(0.04);
    expect(played.outcome.wornDays).toBeLessThan(0.1);
    expect(rightsOf(practice, played)).toContain('storedWet');
  });

  test.each(SEEDS)('its slip (seed %p) is noticed, and costs what the replay says', (seed) => {
    const practice = practiceOf(id, seed);
    const { kind, acts } = SLIPS[id];
    const slipped = acts(practice);
    const real = play(practice, slipped);
    expect(real.steps.flatMap(({ mistakes }) => mistakes)).toContain(kind);
    const cost = costsOf(practice, slipped).find((one) => one.kind === kind)!;
    const [what, least] = COSTS[id];
    expect(cost[what]).toBeGreaterThan(least);
    // The cost is the difference to the same seed without it, nothing else.
    const without = play(practice, slipped, kind);
    expect(without.steps.flatMap(({ mistakes }) => mistakes)).not.toContain(kind);
    const size = (outcome: Outcome) => Math.abs(outcome[what] ?? 0);
    expect(cost[what]).toBeCloseTo(size(real.outcome) - size(without.outcome), 9);
  });
});

test('a run is the same whenever it is played', () => {
  const practice = practiceOf('tooEarly', 5);
  const acts = rightWay(practice);
  expect(play(practice, acts)).toEqual(play(practiceOf('tooEarly', 5), acts));
});

/* At 16 °C the 7.00 is 7.036 and the 4.01 is 4.000: a line through 7.00 and 4.01 lies 0.021 low at 6. */
test('the printed numbers at 16 °C: what the table says, between the two cups', () => {
  const errors = [3, 8, 21, 42].map((seed) => {
    const practice = practiceOf('cold16', seed);
    const printed = play(practice, SLIPS.cold16.acts(practice)).outcome.errorPh!;
    return printed - play(practice, rightWay(practice)).outcome.errorPh!;
  });
  const mean = errors.reduce((sum, one) => sum + one, 0) / errors.length;
  expect(mean).toBeCloseTo(-0.021, 2);
});

test('the dearest mistake comes first', () => {
  const practice = practiceOf('tooEarly', 42);
  const acts = [
    { do: 'uncap' } as const,
    { do: 'wipe' } as const,
    ...SLIPS.tooEarly.acts(practice),
  ];
  const kinds = costsOf(practice, acts).map(({ kind }) => kind);
  expect(kinds[0]).toBe<MistakeKind>('pressedEarly');
  expect(kinds).toContain('wiped');
});

test('a pen left in the air dries, and a day of it costs life and leaves it off', () => {
  const practice = practiceOf('foundGood', 3);
  const left = rightWay(practice).slice(0, -1);
  const [cost] = costsOf(practice, left);
  expect(cost?.kind).toBe('leftDry');
  expect(cost!.wornDays).toBeGreaterThan(3);
});

test('an answer can be changed until the end: only the last one counts, both ways', () => {
  const practice = practiceOf('oldSlow', 42);
  const right = rightWay(practice);
  const keep = { do: 'answer', question: 'keepIt', choice: 'keep' } as const;
  const first = play(practice, [keep, ...right]);
  expect(first.steps.flatMap(({ mistakes }) => mistakes)).toEqual([]);
  expect(first.outcome.errorPh).toBeCloseTo(play(practice, right).outcome.errorPh!, 1);
  const last = play(practice, [...right, keep]);
  expect(last.steps.flatMap(({ mistakes }) => mistakes)).toContain('wrongAnswer');
  expect(last.outcome.errorPh!).toBeLessThan(-0.1);
});

test('a conductivity cell alone is put away dry, and its glass does not wear', () => {
  const practice = practiceOf('bubble', 42);
  const dry = [...rightWay(practice).slice(0, -1), { do: 'cap', with: 'dry' } as const];
  const { steps, outcome, world } = play(practice, dry);
  expect(steps.flatMap(({ mistakes }) => mistakes)).toEqual([]);
  expect(outcome.wornDays).toBe(0);
  expect(rightsOf(practice, play(practice, dry))).not.toContain('storedWet');
  expect(world.cap).toBe('dry');
});

/* Held short of calibrating, such a pen switches off and forgets its first point. */
test('a point that is lost is no point set', () => {
  const { start } = practiceOf('cold16', 42);
  const press = { ...PLAIN.ph!.press, holdPastOff: true, holdSeconds: 5 };
  const loses = {
    ...PLAIN,
    ph: { ...PLAIN.ph!, press: { ...press, between: 'offLosesPoints' } },
  } as const;
  const practice = { ...practiceOf('cold16', 42), start: { ...start, profile: loses } };
  const hands = handsAt(practice.start);
  hands.do({ do: 'uncap' }, { do: 'power' });
  dipWell(hands, '7');
  hands.do({ do: 'cal', seconds: 5 }, { do: 'wait', seconds: 4 });
  dipWell(hands, '4.01');
  hands.do({ do: 'cal', seconds: 2 });
  expect(hands.world().firmware.on).toBe(false);
  expect(play(practice, hands.acts()).steps.at(-1)!.mistakes).toEqual([]);
});

test('cleaned first with the pen off: the replay reads every cup', () => {
  const practice = practiceOf('lookBack', 42);
  const acts = SLIPS.lookBack.acts(practice);
  const { world } = play(practice, acts, 'cleanedFirst');
  const read = ['found 7', 'found 4.01'].map((name) =>
    world.notes.findIndex(({ what }) => what === name),
  );
  expect(read).toEqual([0, 1]);
});

/* 1 meq/L in 100 L is 0.1 mol; the acid has 10 · 38 · 1.235/63.01 = 7.448 mol/L: 13.4 mL. */
test('what hard water takes is its alkalinity over the strength of the acid', () => {
  const practice = practiceOf('hardWater', 1);
  const { tank } = practice.start;
  const need = neededMl(practice.start, 'acid', 4.5);
  // Down to 4.5 nearly all alkalinity is gone: 3.2 to 4.4 meq/L in 100 L.
  expect(need).toBeGreaterThan(3.2 * 13.42);
  expect(need).toBeLessThan(4.5 * 13.42);
  expect(tank!.volumeL).toBe(100);
});

test('what is asked has its right answer among the choices, each once', () => {
  for (const id of ['oldSlow', 'lookBack', 'tapWater'] as const)
    for (const seed of [1, 2, 3, 4, 5, 6, 7, 8]) {
      const [question] = practiceOf(id, seed).questions;
      expect(question!.choices).toContain(question!.right);
      expect(new Set(question!.choices).size).toBe(question!.choices.length);
      expect(question!.choices.length).toBeGreaterThan(1);
    }
});
