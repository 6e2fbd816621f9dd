import { carbonOf, solvePh, type Solution } from '../chemistry';
import { cellSignalMsPerCm, liquidEcMsPerCm } from './cell';
import { ticked } from './firmware';
import { switchedOff, TICKS_PER_S, type Signal } from './firmwareState';
import { amountOf, blended, liquidPh, stoodOpen, type Liquid } from './liquid';
import { normalNoise } from './noise';
import { feed, freshBuffer, pureWater, storageSolution, water } from './recipes';
import {
  approach,
  glassTauS,
  junctionMv,
  SENSOR_AIR_TAU_S,
  SENSOR_TAU_S,
  targetMv,
  WANDER_TAU_S,
  wanderSdMv,
  type Probe,
} from './probe';
import { stood, type StoredIn } from './standing';
import type { Cup, PracticeTank, World } from './world';

const TICK_S = 1 / TICKS_PER_S;
const MINUTE_TICKS = 60 * TICKS_PER_S;

/** The liquid at the glass gives way to the cup’s: quickly when stirred, by diffusion when not, s. */
export const EXCHANGE_TAU_S = { stirred: 2.5, still: 16 } as const;

/** Stirring keeps the liquid moving so long, s. */
const STIR_LASTS_S = 4;

/** A cup takes on the warmth of the room with this time constant, h. */
const CUP_TEMP_TAU_H = 0.7;

/** A dose is mixed through the tank with this time constant, h: nine tenths within ten minutes. */
const MIXING_TAU_H = 0.07;

/** A tank with its pump running comes into balance with the air with this time constant, h. */
const AIRING_TAU_H = 8;

/** The junction of this pen differs in a feed by so much, mV: a draw for each seed, spread 0.02 pH. */
const ownJunctionMv = (seed: number) => 1.2 * normalNoise(seed, 0, 'junction');

/** What of the wander is kept over a tick, and the size of what is new: its spread stays the same. */
const WANDER_KEPT = Math.exp(-TICK_S / WANDER_TAU_S);
const WANDER_NEW = Math.sqrt(1 - WANDER_KEPT ** 2);

/** Charge of a rubbed bulb leaks away with this time constant, s. */
const STATIC_TAU_S = 70;

/** Spread of a single look at the display, in digits. */
const WHITE_DIGITS = 0.3;

/** What stands in a tank, as a liquid for the tip. */
const tankLiquid = ({ seenPh, ecMsPerCm, tempC }: PracticeTank): Liquid =>
  feed({ ph: seenPh, ecMsPerCm }, { volumeMl: 10_000, tempC });

/** What a litre of the tank holds now. */
const jarLiquid = (world: World): Liquid | undefined =>
  world.jar &&
  world.tank &&
  feed(
    { ph: solvePh(world.jar.solution).ph, ecMsPerCm: world.tank.ecMsPerCm },
    { volumeMl: world.jar.volumeMl, tempC: world.tank.tempC },
  );

const made = new WeakMap<object, Liquid>();
/** Made once for each state it is made of. */
function once(of: object, make: () => Liquid): Liquid {
  const known = made.get(of);
  if (known) return known;
  const liquid = make();
  made.set(of, liquid);
  return liquid;
}

/** What truly is in a cup: the tank and the jar follow their own chemistry. */
export function cupLiquid(world: World, cup: Cup): Liquid {
  if (cup.label.kind === 'tank' && world.tank) {
    const { tank } = world;
    return once(tank, () => tankLiquid(tank));
  }
  if (cup.label.kind === 'jar' && world.jar) return once(world.jar, () => jarLiquid(world)!);
  return cup.liquid;
}

const IN_CAP = { volumeMl: 5, tempC: 21 };
const STORAGE = storageSolution(IN_CAP);
const TAP = water({ alkalinityMeqPerL: 2.4, ph: 7.6 }, IN_CAP);
/** What a cap holds at the glass; a dry one leaves it its own film. */
const CAP_LIQUIDS: Readonly<Partial<Record<StoredIn, Liquid>>> = {
  storage: STORAGE,
  ph4: freshBuffer(4.01, IN_CAP),
  buffer: freshBuffer(7, IN_CAP),
  tapWater: TAP,
  dampPaper: TAP,
  pureWater: pureWater(IN_CAP),
};
/** Nearer than this the glass is in the cup’s own liquid. */
const ALL_EXCHANGED = 0.9999;

/** What touches the glass now. */
export function atTheGlass(world: World): Liquid {
  if (world.tip.at === 'cap') return CAP_LIQUIDS[world.cap] ?? world.film;
  if (world.tip.at === 'air') return world.film;
  const cup = cupLiquid(world, world.cups[world.tip.cup]!);
  return world.exchanged > ALL_EXCHANGED ? cup : blended(cup, world.film, 1 - world.exchanged);
}

interface Outside {
  readonly ph: number;
  readonly tempC: number;
  readonly ecMsPerCm: number;
}

const seen = new WeakMap<Liquid, Outside>();
/** pH, temperature and conductivity of a liquid; looked up once for each. */
function outsideOf(liquid: Liquid): Outside {
  const known = seen.get(liquid);
  if (known) return known;
  const told = { ph: liquidPh(liquid), tempC: liquid.tempC, ecMsPerCm: liquidEcMsPerCm(liquid) };
  seen.set(liquid, told);
  return told;
}

/** Where the glass would end in what touches it now, mV. */
export function endMv(world: World): number {
  const { ph, tempC, ecMsPerCm } = outsideOf(atTheGlass(world));
  return targetMv(world.probe, {
    ph,
    tempC,
    junction: junctionMv(ecMsPerCm, ownJunctionMv(world.seed)),
  });
}

/** A world whose fields may be written: a copy that only one advance knows. */
type Scratch = Omit<{ -readonly [Field in keyof World]: World[Field] }, 'probe'> & {
  probe: { -readonly [Field in keyof Probe]: Probe[Field] };
};

/** The quick laws of the probe over one tick, written into the copy. */
function tickProbe(world: Scratch, around: Outside): void {
  const { probe, tip, seed, tick } = world;
  const junction = junctionMv(around.ecMsPerCm, ownJunctionMv(seed));
  const target = targetMv(probe, { ...around, junction });
  const inAir = tip.at === 'air';
  const sensorTauS = inAir ? SENSOR_AIR_TAU_S : SENSOR_TAU_S;
  const sd = wanderSdMv(probe, around.ecMsPerCm);
  probe.glassMv = approach(probe.glassMv, target, TICK_S, glassTauS(probe, around.tempC));
  probe.sensorC = approach(probe.sensorC, inAir ? world.roomC : around.tempC, TICK_S, sensorTauS);
  probe.wanderMv =
    probe.wanderMv * WANDER_KEPT + sd * WANDER_NEW * normalNoise(seed, tick, 'wander');
  if (probe.staticMv !== 0) probe.staticMv = approach(probe.staticMv, 0, TICK_S, STATIC_TAU_S);
}

/** What reaches the firmware beside a liquid: white noise of a third of a digit on top. */
function signalIn({ probe, cell, profile, seed, tick, tip }: World, around: Outside): Signal {
  const digit = profile.ph?.resolutionPh ?? 0.01;
  const white = normalNoise(seed, tick, 'white');
  const wet = tip.at === 'cup';
  return {
    mv: probe.glassMv + probe.wanderMv + WHITE_DIGITS * digit * 59 * white,
    sensorC: probe.sensorC,
    ecMsPerCm: wet ? cellSignalMsPerCm(cell, around.ecMsPerCm) * (1 + 0.0015 * white) : 0,
    submerged: wet,
  };
}

/** What reaches the firmware now. */
export const signalOf = (world: World): Signal => signalIn(world, outsideOf(atTheGlass(world)));

/** Where the tip spends its time, by what is in the cup. */
function standsIn(world: World): StoredIn | 'wetAir' {
  if (world.tip.at === 'cap') return world.cap;
  if (world.tip.at === 'air') return 'wetAir';
  switch (world.cups[world.tip.cup]!.label.kind) {
    case 'tap':
    case 'rinse':
      return 'tapWater';
    case 'pure':
      return 'pureWater';
    case 'storage':
      return 'storage';
    case 'cleaner':
      return 'cleaner';
    case 'tank':
    case 'jar':
      return 'feed';
    default:
      return 'buffer';
  }
}

/** A bare tip stays wet under its own film for a while; only the time beyond it dries, h. */
const DRIES_AFTER_H = 0.1;

/** The tank after hours: mixed through, and nearer to what the air keeps in it. */
function tankAfter(tank: PracticeTank, hours: number): PracticeTank {
  const { solution } = tank;
  const open: Solution = { ...solution, carbonate: { kind: 'open', co2Uatm: 420 } };
  const target = carbonOf(open, 10 ** -solvePh(open).ph);
  const now = solution.carbonate.kind === 'closed' ? solution.carbonate.carbonMolPerL : target;
  const carbonMolPerL = approach(now, target, hours, AIRING_TAU_H);
  const next: Solution = { ...solution, carbonate: { kind: 'closed', carbonMolPerL } };
  const seenPh = approach(tank.seenPh, solvePh(next).ph, hours, MIXING_TAU_H);
  return { ...tank, solution: next, seenPh };
}

/** The slow laws over hours: cups, tank, probe and battery. */
function slowly(world: World, hours: number): World {
  const cups = Object.fromEntries(
    Object.entries(world.cups).map(([id, cup]) => {
      const tempC = approach(cup.liquid.tempC, world.roomC, hours, CUP_TEMP_TAU_H);
      return [id, { ...cup, liquid: stoodOpen(cup.liquid, hours, tempC) }];
    }),
  );
  const where = standsIn(world);
  const dries = Math.max(0, hours - DRIES_AFTER_H);
  const probe =
    where === 'wetAir'
      ? stood(world.probe, 'dry', hours > DRIES_AFTER_H ? dries : hours * 0.1)
      : stood(world.probe, where, hours);
  return {
    ...world,
    cups,
    probe,
    tank: world.tank && tankAfter(world.tank, hours),
    batteryH: Math.max(0, world.batteryH - (world.firmware.on ? hours : 0)),
  };
}

/** One tick, written into the copy. */
function oneTick(world: Scratch): void {
  world.tick += 1;
  if (world.tip.at === 'cup' && world.exchanged < 1) {
    const stirred = world.tick - world.stirredTick <= STIR_LASTS_S * TICKS_PER_S;
    const tauS = stirred ? EXCHANGE_TAU_S.stirred : EXCHANGE_TAU_S.still;
    world.exchanged = approach(world.exchanged, 1, TICK_S, tauS);
  }
  const around = outsideOf(atTheGlass(world));
  tickProbe(world, around);
  if (world.firmware.on) {
    const moment = { profile: world.profile, signal: signalIn(world, around), tick: world.tick };
    world.firmware = ticked(world.firmware, moment);
  }
  if (world.tick % MINUTE_TICKS === 0) {
    const slow = slowly(world, 1 / 60);
    Object.assign(world, slow, { probe: { ...slow.probe } });
  }
  if (world.batteryH <= 0 && world.firmware.on) world.firmware = { ...world.firmware, on: false };
}

/**
 * The bench so many seconds later, in ticks of half a second: the same path however it is divided
 * (×1, ×10, ×60). Parts of a tick are left out.
 */
export function advance(world: World, seconds: number): World {
  const ticks = Math.round(seconds * TICKS_PER_S);
  if (ticks <= 0) return world;
  const next: Scratch = { ...world, probe: { ...world.probe } };
  for (let tick = 0; tick < ticks; tick += 1) oneTick(next);
  return next;
}

/** Hours that pass at once: the slow laws in steps of a quarter of an hour; what is quick has settled. */
export function rested(world: World, hours: number): World {
  let next = world;
  const steps = Math.max(1, Math.ceil(hours / 0.25));
  for (let step = 0; step < steps; step += 1) next = slowly(next, hours / steps);
  const tick = world.tick + Math.round(hours * 3600 * TICKS_PER_S);
  const settled = { ...next, tick, exchanged: 1 };
  const around = outsideOf(atTheGlass(settled));
  const probe = { ...settled.probe, glassMv: endMv(settled), sensorC: around.tempC, staticMv: 0 };
  const press = settled.profile.ph?.press ?? settled.profile.ec?.press;
  const off = press?.autoOffMinutes ? hours * 60 > press.autoOffMinutes : false;
  const { firmware } = settled;
  const later = { ...firmware, anchorTick: tick, pressedTick: tick };
  return { ...settled, probe, firmware: off ? switchedOff(later, settled.profile) : later };
}

/** The film that leaves with the tip, mL: a tip with a shroud keeps more. */
export const FILM_ML = { wet: 0.12, shroud: 0.3, shaken: 0.04, blotted: 0.015 } as const;

/** What clings to the tip out of a liquid, as amounts in `volumeMl` millilitres. */
export const filmOf = (liquid: Liquid, volumeMl: number): Liquid => amountOf(liquid, volumeMl);
