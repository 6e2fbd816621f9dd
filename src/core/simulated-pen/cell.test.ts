import {
  act,
  cellSignalMsPerCm,
  cupOf,
  displayOf,
  NEW_CELL,
  startWorld,
  trueErrorEcRel,
  untilStill,
  type Act,
  type SimProfile,
  type World,
} from './index';

const ecPen: SimProfile = {
  ph: null,
  ec: {
    scale: 'mS/cm',
    resolution: 0.01,
    accuracyMsPerCm: 0.1,
    compensation: { alphaPerC: 0.02, referenceC: 25 },
    standardMsPerCm: 2.77,
    adjustable: true,
    press: {
      by: 'button',
      when: 'afterDip',
      holdSeconds: 3,
      confirmPress: false,
      autoOffMinutes: null,
    },
  },
};
const bench = (cell: Partial<typeof NEW_CELL> = {}, tempC = 25): World =>
  startWorld({
    seed: 5,
    profile: ecPen,
    roomC: tempC,
    cap: 'dry',
    cell,
    cups: [cupOf({ kind: 'standard', nominalMsPerCm: 2.77 }, tempC)],
  });
const DIP: readonly Act[] = [
  { do: 'power' },
  { do: 'dip', cup: 'ec2.77' },
  { do: 'stir' },
  { do: 'tapOff' },
];
const shown = (world: World) => displayOf(untilStill(DIP.reduce(act, world))).value!;

test('grease covers a share of the face, a bubble another', () => {
  expect(cellSignalMsPerCm(NEW_CELL, 2)).toBe(2);
  expect(cellSignalMsPerCm({ ...NEW_CELL, grease: 1 }, 2)).toBeCloseTo(1.3, 9);
  expect(cellSignalMsPerCm({ ...NEW_CELL, bubble: true }, 2)).toBeCloseTo(1.74, 9);
});

test('in a standard at 25 °C it shows its value; at 15 °C with α 0.020 about 1.5 % high', () => {
  expect(shown(bench())).toBeCloseTo(2.77, 1);
  // κ(15 °C) = 2.243/2.765 of 2.77 = 2.247; over 1 − 0.2 = 0.8: 2.809.
  expect(Math.abs(shown(bench({}, 15)) - 2.809)).toBeLessThan(0.03);
});

test('rinse water left in a shroud dilutes the portion by its share', () => {
  const wet = [
    { do: 'power' },
    { do: 'rinse', with: 'pure' },
    { do: 'dip', cup: 'ec2.77' },
  ] as const satisfies readonly Act[];
  const after = wet.reduce<World>(act, bench());
  // 0.3 mL into 20 mL: 20/20.3 as strong.
  const left = after.cups['ec2.77']!.liquid.ecKcl25MsPerCm;
  expect(left / 2.77).toBeCloseTo(20 / 20.3, 3);
});

test('adjusted over grease it is right today, and a fifth too high once it is clean', () => {
  const dirty = untilStill(DIP.reduce(act, bench({ grease: 0.5 })));
  expect(trueErrorEcRel(dirty)).toBeCloseTo(-0.175, 2);
  const adjusted = act(dirty, { do: 'cal', seconds: 3 });
  expect(Math.abs(trueErrorEcRel(adjusted))).toBeLessThan(0.03);
  const clean = { ...adjusted, cell: NEW_CELL };
  expect(trueErrorEcRel(clean)).toBeGreaterThan(0.17);
  const scrubbed = act(act(dirty, { do: 'clean', how: 'scrubFace' }), { do: 'wetFilm' });
  expect(scrubbed.wetFilm).toBe(true);
  expect(act(dirty, { do: 'wetFilm' }).wetFilm).toBe(false);
});
