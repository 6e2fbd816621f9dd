import {
  act,
  advance,
  cupOf,
  NEW_PROBE,
  signalOf,
  shownPh,
  startWorld,
  storeFrom,
  FACTORY_PH,
  untilStill,
  type Act,
  type Probe,
  type World,
} from '../simulated-pen';
import { nernstSlopeMvPerPh } from '../electrode';
import { PLAIN } from './tasks/pens';

/** What a display shows over the time after a dip. */
export interface Approached {
  readonly atS: number;
  readonly shownPh: number;
}

/** A pen at rest in the 7, about to go into the 4.01. */
function before(probe: Partial<Probe>): World {
  const start = startWorld({
    seed: 1,
    profile: PLAIN,
    probe: { ...NEW_PROBE, zeroMv: 0, efficiency: 1, ...probe },
    cups: [7, 4.01].map((nominalPh) => cupOf({ kind: 'buffer', nominalPh }, 21)),
  });
  const acts: readonly Act[] = [{ do: 'power' }, { do: 'dip', cup: '7' }];
  return untilStill(acts.reduce(act, start));
}

/** What the display shows without its noise. */
const calmPh = (world: World): number =>
  shownPh(world.firmware.ph, world.probe.glassMv, signalOf(world).sensorC, true);

/**
 * What a pen shows in the 4.01 for so many seconds after coming from the 7, without noise: stirred for
 * `stirS`, with so much dirt on its bulb.
 */
export function approachCurve({
  stirS = 0,
  fouling = 0,
  seconds = 90,
}: {
  readonly stirS?: number;
  readonly fouling?: number;
  readonly seconds?: number;
}): readonly Approached[] {
  const rest = before({ fouling });
  let world: World = { ...act(rest, { do: 'dip', cup: '4.01' }), exchanged: 0 };
  const curve: Approached[] = [{ atS: 0, shownPh: calmPh(world) }];
  for (let second = 1; second <= seconds; second += 1) {
    if (second <= stirS) world = { ...world, stirredTick: world.tick };
    world = advance(world, 1);
    curve.push({ atS: second, shownPh: calmPh(world) });
  }
  return curve;
}

/** Where a curve ends: what the display comes to in the 4.01, however dirty the bulb. */
export function endOfApproach(fouling: number): number {
  const there = untilStill(act(before({ fouling }), { do: 'dip', cup: '4.01' }));
  return calmPh(there);
}

/**
 * How far off a pen with a zero of so many mV is at pH 6 after one round of its two dials: the 7 first, or
 * the 4 first. Closed form, by the lines of the dials.
 */
export function afterDials(zeroMv: number, efficiency: number) {
  const slope = nernstSlopeMvPerPh(25);
  const mv = (ph: number) => zeroMv - efficiency * slope * (ph - 7);
  const at = (ph: number) => ({ mv: mv(ph), sensorC: 25, ph });
  const by = { hasAtc: true, pieces: false } as const;
  const sevenFirst = storeFrom([at(7), at(4)], { ...by, before: FACTORY_PH });
  const gain = (mv(4) - FACTORY_PH.zeroMv) / (slope * 3);
  const wrong = { ...FACTORY_PH, gainBelow: gain, gainAbove: gain };
  const fourFirst = storeFrom([at(7)], { ...by, before: wrong });
  const off = (store: typeof sevenFirst) => shownPh(store, mv(6), 25, true) - 6;
  return { sevenFirst: off(sevenFirst), fourFirst: off(fourFirst) };
}

/** What a pen shows that is right at 7 and has so much of its slope left, in a liquid of a pH. */
export const shownWithSlope = (ph: number, efficiency: number): number => 7 + efficiency * (ph - 7);
