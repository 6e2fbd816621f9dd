import { advance, atTheGlass, endMv, rested, signalOf } from './advance';
import { TICKS_PER_S } from './firmwareState';
import { byHand, CLEANING_S, cleaned, lifted } from './hands';
import { pressKey, turned, type PenKey } from './keys';
import { dissolved, dosed, dropped, poured, pouredBack } from './pourings';
import { measuredValue, shownValue } from './shown';
import { WETTED_GREASE } from './cell';
import type { Act, World } from './world';

const MOST_STILL_S = 900;
/** Nearer to its end than this the glass is still, mV: a third of a hundredth. */
const STILL_MV = 0.2;
const STILL_C = 0.05;

/** Whether nothing moves any more on the side that is shown. */
function isAtRest(world: World): boolean {
  if (world.exchanged < 0.999) return false;
  if (world.firmware.side === 'ec')
    return Math.abs(world.probe.sensorC - atTheGlass(world).tempC) < STILL_C;
  return Math.abs(world.probe.glassMv - endMv(world)) < STILL_MV;
}

/** Waits until the display stands still for 30 s, a quarter of an hour at most. */
export function untilStill(world: World): World {
  let next = world;
  let quietS = 0;
  for (let second = 0; second < MOST_STILL_S && quietS < 30; second += 1) {
    next = advance(next, 1);
    quietS = isAtRest(next) ? quietS + 1 : 0;
  }
  return next;
}

const keyOf = (act: Act): PenKey | undefined => {
  switch (act.do) {
    case 'power':
    case 'mode':
    case 'hold':
    case 'measure':
      return { key: act.do };
    case 'cal':
      return { key: 'cal', seconds: act.seconds };
    case 'step':
      return { key: 'step', shown: act.shown };
    default:
      return undefined;
  }
};

const momentOf = (world: World) => ({
  profile: world.profile,
  signal: signalOf(world),
  tick: world.tick,
});

/** A key, after the time it is held. */
function pressed(world: World, key: PenKey): World {
  const held = key.key === 'cal' ? advance(world, key.seconds) : world;
  return { ...held, firmware: pressKey(held.firmware, key, momentOf(held)) };
}

/** How long a hand takes for each thing, s. */
const TAKES_S: Partial<Record<Act['do'], number>> = {
  dip: 2,
  lift: 1,
  stir: 3,
  shake: 2,
  blot: 3,
  wipe: 3,
  touch: 1,
  tapOff: 2,
  uncap: 2,
  rinse: 5,
  pour: 8,
  pourBack: 5,
  dissolve: 90,
  cap: 4,
  wetFilm: 5,
  note: 2,
  turn: 3,
  drops: 5,
  dose: 20,
};

/**
 * The bench after a hand did something, with the time it took. Deterministic: the same acts from the same
 * world give the same world, whatever noise was met before.
 */
export function act(world: World, what: Act): World {
  const known = newest.get(world);
  if (known?.what === what) return known.after;
  const after = withPoints(world, actOn(world, what));
  newest.set(world, { what, after });
  return after;
}

/** Keeps what was taken as a point: where, and what the pen showed with it. */
function withPoints(before: World, after: World): World {
  const [was, is] = [before.firmware, after.firmware];
  const taken =
    is.ecGain !== was.ecGain ||
    is.points.length > was.points.length ||
    is.calibratedTick !== was.calibratedTick;
  if (!taken || after.tip.at !== 'cup') return after;
  const point = { cup: after.tip.cup, shown: measuredValue(after), tick: after.tick };
  return { ...after, points: [...after.points, point] };
}

/** What came of the last act asked about at a bench: looked at for mistakes first, then done. */
const newest = new WeakMap<World, { readonly what: Act; readonly after: World }>();

function actOn(world: World, what: Act): World {
  const key = keyOf(what);
  if (key) return pressed(world, key);
  const done = doneAt(world, what);
  const takes = what.do === 'clean' ? CLEANING_S[what.how] : (TAKES_S[what.do] ?? 0);
  return takes > 120 ? { ...done, tick: done.tick + takes * TICKS_PER_S } : advance(done, takes);
}

function doneAt(world: World, what: Act): World {
  switch (what.do) {
    case 'wait':
      return advance(world, what.seconds);
    case 'waitStill':
      return untilStill(world);
    case 'rest':
      return rested(world, what.hours);
    case 'turn':
      return { ...world, firmware: turned(world.firmware, what, momentOf(world)) };
    case 'pour':
      return poured(world, what.cup, what.lot);
    case 'pourBack':
      return pouredBack(world, what.cup, what.lot);
    case 'dissolve':
      return dissolved(world, what);
    case 'clean':
      return cleaned(lifted(world), what.how);
    case 'wetFilm':
      return { ...world, wetFilm: world.cell.grease < WETTED_GREASE };
    case 'note': {
      const shown = shownValue(world);
      if (shown === undefined) return world;
      return { ...world, notes: [...world.notes, { what: what.what, shown, tick: world.tick }] };
    }
    case 'answer':
      return { ...world, answers: { ...world.answers, [what.question]: what.choice } };
    case 'drops':
      return dropped(world, what.drops);
    case 'dose':
      return dosed(world, what.reagent, what.ml);
    default:
      return byHand(world, what);
  }
}
