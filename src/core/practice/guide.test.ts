import { act, type Act, type SimProfile, type World } from '../simulated-pen';
import { checkWell, freePractice, guideStep, handsAt, noteFor, setPoint } from './index';
import { EC_PEN, PLAIN } from './tasks/pens';

const both: SimProfile = { ph: PLAIN.ph, ec: EC_PEN.ec };
const start = (profile: SimProfile, fault: 'none' | 'drifted' = 'drifted') =>
  freePractice({ profile, ageDays: 180, fault, seed: 11 }).start;
const all = (world: World, ...acts: readonly Act[]) => acts.reduce(act, world);

test('as found is asked for first, in the order of the profile, then what the Bench would ask', () => {
  const first = guideStep(start(PLAIN), 'ph').step;
  expect(first).toMatchObject({ kind: 'dip', phase: 'asFound', cup: { id: '7' } });
  const hands = handsAt(start(PLAIN));
  hands.do({ do: 'uncap' }, { do: 'power' }, { do: 'dip', cup: '7' }, { do: 'waitStill' });
  hands.do({ do: 'note', what: noteFor(hands.world())! });
  expect(guideStep(hands.world(), 'ph').step).toMatchObject({
    phase: 'asFound',
    cup: { id: '4.01' },
  });
  hands.do({ do: 'dip', cup: '4.01' }, { do: 'waitStill' }, { do: 'note', what: 'found 4.01' });
  expect(guideStep(hands.world(), 'ph').step.kind).toBe('asFoundOut');
  setPoint(hands, hands.world().cups['7']!, 0);
  expect(guideStep(hands.world(), 'ph').step).toMatchObject({
    phase: 'asLeft',
    cup: { id: '4.01' },
  });
});

test('a point of the EC side leaves the pH side as found', () => {
  const world = all(
    start(both),
    { do: 'rinse', with: 'tap' },
    { do: 'shake' },
    { do: 'power' },
    { do: 'mode' },
  );
  const hands = handsAt(
    all(world, { do: 'dip', cup: 'ec2.77' }, { do: 'tapOff' }, { do: 'waitStill' }),
  );
  expect(noteFor(hands.world())).toBe('found ec2.77');
  hands.do({ do: 'cal', seconds: 3 });
  expect(hands.world().points).toHaveLength(1);
  expect(noteFor(hands.world())).toBe('confirm ec2.77');
  hands.do({ do: 'dip', cup: '7' });
  expect(noteFor(hands.world())).toBe('found 7');
  hands.do({ do: 'dip', cup: 'tap' });
  expect(noteFor(hands.world())).toBe('tap');
});

test('a whole check done well leaves nothing to ask for', () => {
  const hands = handsAt(start(PLAIN, 'none'));
  checkWell(hands);
  expect(['asFoundGood', 'finish', 'dip']).toContain(guideStep(hands.world(), 'ph').step.kind);
  expect(noteFor(hands.world())).toBeUndefined();
});

test('a pen whose cup has a value of its own is guided too', () => {
  const odd: SimProfile = { ph: { ...PLAIN.ph!, cupsPh: [7, 5.2] }, ec: null };
  expect(guideStep(start(odd), 'ph').plan.cups.map(({ id }) => id)).toEqual(['7', '5.2']);
});
