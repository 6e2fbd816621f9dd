import { handsAt, setPoint, targetOf } from '@/core/practice';
import {
  act,
  advance,
  cupOf,
  displayOf,
  endMv,
  feed,
  startWorld,
  type Cup,
  type SimProfile,
  type World,
} from '@/core/simulated-pen';
import type { Stands } from '@/shell/standIn';
import type { LiveSample } from '@/timers';

/** The stand-ins of this page by their codes: what was adjusted stays so. */
const worlds = new Map<string, World>();
/** Cups in which a stand-in was adjusted already. */
const adjustedIn = new Map<string, string>();

/** How far a stand-in is off at first, mV: some hundredths of a pH, either way by its code: a pen checked not long ago. */
const offMv = (code: string) => ((code.charCodeAt(code.length - 1) % 2) * 2 - 1) * 1.5;

/** A pen that is watched never switches itself off. */
const awake = (profile: SimProfile): SimProfile => ({
  ...profile,
  display: {},
  ph: profile.ph && { ...profile.ph, press: { ...profile.ph.press, autoOffMinutes: null } },
  ec: profile.ec && { ...profile.ec, press: { ...profile.ec.press, autoOffMinutes: null } },
});

const cupFor = (stands: Stands): Cup =>
  stands.in === 'cup'
    ? cupOf(stands.label, stands.tempC)
    : cupOf({ kind: 'tank' }, stands.tempC, {
        liquid: feed(stands, { volumeMl: 5000, tempC: stands.tempC }),
      });

/** Rinses a stand-in, shakes it, and puts it where it is wanted. */
export function putInto(code: string, profile: SimProfile, stands: Stands): void {
  const cup = cupFor(stands);
  const before =
    worlds.get(code) ??
    act(
      startWorld({
        seed: code.charCodeAt(code.length - 1),
        profile: awake(profile),
        roomC: stands.tempC,
        probe: { zeroMv: offMv(code), efficiency: 0.995, ageDays: 120 },
        cups: [],
      }),
      { do: 'power' },
    );
  const cups = { ...before.cups, [cup.id]: cup };
  const side = cup.label.kind === 'standard' || !before.profile.ph ? 'ec' : 'ph';
  const shows = { ...before, cups, firmware: { ...before.firmware, side } } as const;
  const acts = [
    { do: 'rinse', with: 'tap' },
    { do: 'shake' },
    { do: 'dip', cup: cup.id },
    { do: 'stir' },
    { do: 'tapOff' },
  ] as const;
  adjustedIn.delete(code);
  worlds.set(code, acts.reduce<World>(act, shows));
}

/** One second of its time. */
export function secondsOn(code: string): void {
  const world = worlds.get(code);
  if (world) worlds.set(code, advance(world, 1));
}

const AT_REST_MV = 0.6;

/** Adjusts a stand-in in the cup it stands in, once, when it is at rest there. */
export function adjustedWhereItStands(code: string): void {
  const world = worlds.get(code);
  if (!world || world.tip.at !== 'cup') return;
  const { cup: id } = world.tip;
  const cup = world.cups[id];
  const atRest =
    Math.abs(world.probe.glassMv - endMv(world)) < AT_REST_MV && world.exchanged > 0.99;
  if (!cup || !atRest || adjustedIn.get(code) === id || targetOf(world, cup) === undefined) return;
  const hands = handsAt(world);
  const cups = world.profile.ph?.cupsPh ?? [];
  const at = cup.label.kind === 'buffer' ? cups.indexOf(cup.label.nominalPh) : 0;
  setPoint(hands, cup, Math.max(0, at));
  adjustedIn.set(code, id);
  worlds.set(code, hands.world());
}

/** What a stand-in tells of its display: both sides where it stands in a tank, and the temperature. */
export function toldBy(code: string): readonly LiveSample[] {
  const world = worlds.get(code);
  if (!world) return [];
  const { profile } = world;
  const inTank = world.tip.at === 'cup' && world.cups[world.tip.cup]?.label.kind === 'tank';
  const sides = (['ph', 'ec'] as const).filter((side) =>
    inTank ? profile[side] !== null : world.firmware.side === side,
  );
  const values = sides.flatMap((side): readonly LiveSample[] => {
    const { value, unit } = displayOf({ ...world, firmware: { ...world.firmware, side } });
    if (value === undefined) return [];
    return side === 'ph' || unit === 'pH'
      ? [{ shown: value, quantity: 'ph', pen: code }]
      : [{ shown: value, quantity: 'ec', scale: unit, pen: code }];
  });
  const tempC = Math.round(10 * world.probe.sensorC) / 10;
  return inTank ? [...values, { shown: tempC, quantity: 'temp', pen: code }] : values;
}
