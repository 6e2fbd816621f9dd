import { nernstSlopeMvPerPh } from '../electrode';
import {
  act,
  advance,
  approach,
  cupOf,
  displayOf,
  EXCHANGE_TAU_S,
  FILM_ML,
  glassTauS,
  liquidPh,
  NEW_PROBE,
  PORTION_ML,
  rested,
  SENSOR_TAU_S,
  standingLaw,
  startWorld,
  stood,
  targetMv,
  trueErrorPh,
  untilStill,
  type SimProfile,
  type World,
} from './index';

const twoPoint: SimProfile = {
  ph: {
    resolutionPh: 0.01,
    accuracyPh: 0.1,
    hasAtc: true,
    family: 'technical',
    cupsPh: [7, 4.01],
    adjustable: true,
    storesNominal: false,
    press: {
      by: 'button',
      when: 'afterDip',
      holdSeconds: 3,
      confirmPress: false,
      autoOffMinutes: null,
    },
  },
  ec: null,
};

const bench = (more: Partial<Parameters<typeof startWorld>[0]> = {}): World =>
  startWorld({
    seed: 7,
    profile: twoPoint,
    cups: [
      cupOf({ kind: 'buffer', nominalPh: 7 }, 21),
      cupOf({ kind: 'buffer', nominalPh: 4.01 }, 21),
    ],
    ...more,
  });

const quiet = (world: World): World => ({
  ...world,
  probe: { ...world.probe, wanderMv: 0 },
});

test('the potential follows Nernst: 59.16 mV a pH at 25 °C, less by the efficiency', () => {
  const ideal = { ...NEW_PROBE, zeroMv: 0, efficiency: 1 };
  const at = (ph: number) => targetMv(ideal, { ph, tempC: 25, junction: 0 });
  expect(at(7)).toBe(0);
  expect(at(4) - at(7)).toBeCloseTo(3 * 59.16, 1);
  const old = { ...ideal, efficiency: 0.9 };
  expect(targetMv(old, { ph: 4, tempC: 25, junction: 0 })).toBeCloseTo(2.7 * 59.16, 1);
  expect(targetMv(ideal, { ph: 4, tempC: 10, junction: 0 })).toBeCloseTo(
    3 * nernstSlopeMvPerPh(10),
    6,
  );
});

test('first order: after one time constant 1/e of the way is left', () => {
  expect(approach(10, 2, 30, 30)).toBeCloseTo(2 + 8 / Math.E, 9);
  // Two half steps are one whole step.
  expect(approach(approach(10, 2, 15, 30), 2, 15, 30)).toBeCloseTo(approach(10, 2, 30, 30), 9);
});

test('the glass on the bench follows that law, and the sensor its own', () => {
  const dry = bench();
  const world = { ...act(dry, { do: 'dip', cup: '4.01' }), exchanged: 1 };
  const start = world.probe.glassMv;
  const tauS = glassTauS(world.probe, 21);
  const end = targetMv(world.probe, {
    ph: liquidPh(world.cups['4.01']!.liquid),
    tempC: 21,
    junction: 0,
  });
  const later = advance(world, 10);
  expect(later.probe.glassMv).toBeCloseTo(end + (start - end) * Math.exp(-10 / tauS), 4);
  const cold = { ...world, probe: { ...world.probe, sensorC: 11 } };
  expect(advance(cold, 14).probe.sensorC).toBeCloseTo(21 - 10 * Math.exp(-14 / SENSOR_TAU_S), 6);
});

test('dirt, dry glass, cold and age make it slow', () => {
  const tau = (more: Partial<typeof NEW_PROBE>, tempC = 25) =>
    glassTauS({ ...NEW_PROBE, ageDays: 0, ...more }, tempC);
  expect(tau({})).toBe(6);
  expect(tau({}, 10)).toBeCloseTo(12, 9);
  expect(tau({ fouling: 0.5 })).toBeCloseTo(30, 9);
  expect(tau({ hydration: 0.5 })).toBeCloseTo(51, 9);
  expect(tau({ ageDays: 365 })).toBeCloseTo(18, 9);
});

test('stirring brings the cup to the glass; without it diffusion takes its time', () => {
  const dip = act(bench(), { do: 'dip', cup: '7' });
  const still = advance({ ...dip, exchanged: 0 }, 3);
  expect(1 - still.exchanged).toBeCloseTo(Math.exp(-3 / EXCHANGE_TAU_S.still), 6);
  const stirred = advance({ ...dip, exchanged: 0, stirredTick: dip.tick }, 3);
  expect(1 - stirred.exchanged).toBeCloseTo(Math.exp(-3 / EXCHANGE_TAU_S.stirred), 6);
});

/* Each dip brings 0.12 mL of another liquid into 20 mL and takes 0.12 mL of the mixture away. */
test('carry-over after n unrinsed dips: 1 − (V/(V + v))ⁿ', () => {
  const dips = 12;
  let world = bench();
  for (let dip = 0; dip < dips; dip += 1) {
    const fresh = cupOf({ kind: 'buffer', nominalPh: 4.01 }, 21);
    world = { ...world, cups: { ...world.cups, '4.01': fresh } };
    world = { ...act(act(world, { do: 'dip', cup: '4.01' }), { do: 'stir' }), exchanged: 1 };
    world = act(world, { do: 'dip', cup: '7' });
    world = { ...world, exchanged: 1 };
  }
  const share = world.cups['7']!.liquid.molPerL.phthalate / 0.05;
  const closed = 1 - (PORTION_ML / (PORTION_ML + FILM_ML.wet)) ** dips;
  expect(share).toBeCloseTo(closed, 3);
  expect(closed).toBeGreaterThan(0.05);
});

test('rinsing keeps it out: a hundredth, and less when shaken', () => {
  const four = { ...act(bench(), { do: 'dip', cup: '4.01' }), exchanged: 1 };
  const carried = (world: World) => world.film.volumeMl * world.film.molPerL.phthalate;
  const lifted = act(four, { do: 'lift' });
  const rinsed = act(lifted, { do: 'rinse', with: 'tap' });
  expect(carried(rinsed) / carried(lifted)).toBeCloseTo(0.01, 6);
  const shaken = act(rinsed, { do: 'shake' });
  expect(carried(shaken) / carried(rinsed)).toBeCloseTo(FILM_ML.shaken / FILM_ML.wet, 6);
});

test('a day in storage solution brings a dry probe back, a week in pure water leaches it', () => {
  const [, tauH] = standingLaw('storage').hydration;
  const dry = { ...NEW_PROBE, hydration: 0.1 };
  expect(1 - stood(dry, 'storage', 24).hydration).toBeCloseTo(0.9 * Math.exp(-24 / tauH), 9);
  expect(stood(dry, 'storage', 24).hydration).toBeGreaterThan(0.98);
  const week = stood(NEW_PROBE, 'pureWater', 168);
  expect(week.reference).toBeLessThan(0.15);
  expect(week.wornDays).toBeGreaterThan(50);
  expect(stood(week, 'storage', 14).reference).toBeGreaterThan(0.9);
  expect(stood(NEW_PROBE, 'dry', 12).hydration).toBeLessThan(0.1);
  expect(stood(NEW_PROBE, 'tapWater', 24).wornDays).toBeLessThan(2);
});

test('fingers leave grease that water does not take off', () => {
  const touched = act(act(bench(), { do: 'lift' }), { do: 'touch' });
  const swished = act(touched, { do: 'clean', how: 'swish' });
  const wiped = act(touched, { do: 'clean', how: 'ethanol' });
  expect(swished.probe.fouling).toBeGreaterThan(0.2);
  expect(wiped.probe.fouling).toBeLessThan(0.04);
});

test('the same seed gives the same path, however the time is divided', () => {
  const start = act(bench(), { do: 'dip', cup: '7' });
  let slowly = start;
  for (let step = 0; step < 120; step += 1) slowly = advance(slowly, 0.5);
  expect(advance(start, 60)).toEqual(slowly);
  expect(advance(advance(start, 10), 50)).toEqual(slowly);
  const other = act(bench({ seed: 8 }), { do: 'dip', cup: '7' });
  expect(advance(other, 60).probe.wanderMv).not.toBe(slowly.probe.wanderMv);
});

test('nothing is changed in place', () => {
  const start = bench();
  const copy = JSON.stringify(start);
  advance(act(start, { do: 'dip', cup: '7' }), 30);
  expect(JSON.stringify(start)).toBe(copy);
});

test('a rubbed bulb carries a charge that leaks away in minutes', () => {
  const wiped = act(bench(), { do: 'wipe' });
  const inCup = act(wiped, { do: 'dip', cup: '7' });
  expect(inCup.probe.staticMv).toBeGreaterThan(10);
  expect(advance(inCup, 300).probe.staticMv).toBeLessThan(1);
});

test('the hidden error of a pen is its own line, read without noise', () => {
  // Zero 6 mV, efficiency 0.95: at pH 6 and 21 °C it shows 7 − (6 + 0.95·58.37)/58.37 = 5.947.
  const world = bench({ probe: { zeroMv: 6, efficiency: 0.95, ageDays: 0 } });
  expect(trueErrorPh(world, 6)).toBeCloseTo(1 - (6 + 0.95 * 58.367) / 58.367, 3);
});

test('what rests gives the same as what is ticked through', () => {
  const start = quiet(act(bench(), { do: 'dip', cup: '7' }));
  const [ticked, jumped] = [advance(start, 3600), rested(start, 1)];
  expect(jumped.tick).toBe(ticked.tick);
  expect(jumped.probe.hydration).toBeCloseTo(ticked.probe.hydration, 6);
  expect(jumped.probe.zeroMv).toBeCloseTo(ticked.probe.zeroMv, 6);
  expect(jumped.cups['7']!.liquid.volumeMl).toBeCloseTo(ticked.cups['7']!.liquid.volumeMl, 1);
  expect(jumped.probe.glassMv).toBeCloseTo(ticked.probe.glassMv, 1);
});

test('an hour of the bench is worked out quickly', () => {
  const start = act(bench(), { do: 'dip', cup: '7' });
  advance(start, 600);
  const begun = performance.now();
  const hour = advance(start, 3600);
  const tookMs = performance.now() - begun;
  expect(hour.tick - start.tick).toBe(7200);
  // 50 ms on an ordinary computer; a busy test machine is given room.
  expect(tookMs).toBeLessThan(250);
});

test('a display comes to rest in the time a hand knows: half a minute to two', () => {
  const on = act(act(bench(), { do: 'power' }), { do: 'dip', cup: '4.01' });
  const still = untilStill(act(on, { do: 'stir' }));
  const seconds = (still.tick - on.tick) / 2;
  expect(seconds).toBeGreaterThan(45);
  expect(seconds).toBeLessThan(150);
  expect(displayOf(still).value).toBeCloseTo(4.01 + trueErrorPh(still, 4.01), 1);
});
