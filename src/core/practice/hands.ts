import {
  type PracticeCupId,
  act,
  displayOf,
  onDisplay,
  pressOfSide,
  recipeOf,
  standardDisplay,
  type Act,
  type Cup,
  type Side,
  type World,
} from '../simulated-pen';
import { bufferPhAt } from '../buffers';
import { TOLERANCE, withinTolerance } from '../calibration';
import { displayFromEcMsPerCm } from '../units';

/** Hands at the bench: each act is done at once and remembered. */
export interface Hands {
  readonly do: (...acts: readonly Act[]) => void;
  readonly world: () => World;
  readonly acts: () => readonly Act[];
}

/** Hands that begin at a bench. */
export function handsAt(start: World): Hands {
  let world = start;
  const done: Act[] = [];
  return {
    do: (...acts) => {
      for (const one of acts) {
        world = act(world, one);
        done.push(one);
      }
    },
    world: () => world,
    acts: () => done,
  };
}

/**
 * What a right pen shows in a cup that holds what its label says, in the unit of the display; undefined for
 * liquids that are no reference. A pen that stores the printed value is aimed at that.
 */
export function targetOf(world: World, cup: Cup): number | undefined {
  const { profile } = world;
  const tempC = cup.liquid.tempC;
  if (cup.label.kind === 'buffer' && profile.ph) {
    const { nominalPh } = cup.label;
    const at = bufferPhAt(recipeOf(nominalPh), tempC);
    const ph = profile.ph.storesNominal || !at.ok ? nominalPh : at.value;
    return onDisplay(ph, profile.ph.resolutionPh);
  }
  if (cup.label.kind === 'standard' && profile.ec) {
    const { scale, resolution, compensation } = profile.ec;
    const shown = standardDisplay(cup.label.nominalMsPerCm, tempC, compensation);
    return onDisplay(displayFromEcMsPerCm(shown, scale), resolution);
  }
  return undefined;
}

/** The side a cup is for. */
export const sideOfCup = (cup: Cup): Side => (cup.label.kind === 'standard' ? 'ec' : 'ph');

/** The cups a pen is checked in, in the order of its profile: those of the side, by their labels. */
export function checkCups(world: World, side: Side): readonly Cup[] {
  const cups = Object.values(world.cups);
  if (side === 'ec') return cups.filter(({ label }) => label.kind === 'standard').slice(0, 1);
  return (world.profile.ph?.cupsPh ?? []).flatMap((nominalPh) =>
    cups
      .filter(({ label }) => label.kind === 'buffer' && label.nominalPh === nominalPh)
      .slice(0, 1),
  );
}

/** Whether a display is within tolerance of what it should show in a cup. */
export function isGood(world: World, cup: Cup, shown: number): boolean {
  const target = targetOf(world, cup);
  if (target === undefined) return true;
  const side = sideOfCup(cup);
  const { profile } = world;
  const resolution = side === 'ph' ? profile.ph!.resolutionPh : profile.ec!.resolution;
  const tolerance = side === 'ph' ? TOLERANCE.ph.normal : TOLERANCE.ec.normal * target;
  return withinTolerance(shown, { target, tolerance, resolution }).within;
}

/** Shows the side that a cup is for. */
function showSide(hands: Hands, side: Side): void {
  if (!hands.world().firmware.on) hands.do({ do: 'power' });
  if (hands.world().firmware.side !== side) hands.do({ do: 'mode' });
}

/** Wakes the pen, or switches it on again, as a hand does that watches it. */
export function keepAwake(hands: Hands): void {
  const { firmware } = hands.world();
  if (!firmware.on || firmware.asleep) hands.do({ do: 'power' });
}

/** Rinse, shake, dip, stir, tap off bubbles, wait until still: the way into every cup. */
export function dipWell(hands: Hands, cup: PracticeCupId): void {
  hands.do({ do: 'rinse', with: 'tap' }, { do: 'shake' }, { do: 'dip', cup }, { do: 'stir' });
  if (hands.world().profile.ec) hands.do({ do: 'tapOff' });
  hands.do({ do: 'waitStill' });
  keepAwake(hands);
}

/** Reads the display as it stands, awake and measuring. */
function readOff(hands: Hands): number | undefined {
  if (hands.world().profile.display?.measuresOnPress)
    hands.do({ do: 'measure' }, { do: 'wait', seconds: 20 });
  return displayOf(hands.world()).value;
}

/** As found in every cup of a side: read, written down. True where all are good. */
export function readFound(hands: Hands, side: Side): boolean {
  showSide(hands, side);
  let good = true;
  for (const cup of checkCups(hands.world(), side)) {
    dipWell(hands, cup.id);
    const shown = readOff(hands);
    hands.do({ do: 'note', what: `found ${cup.id}` });
    good = good && shown !== undefined && isGood(hands.world(), cup, shown);
  }
  return good;
}

/** Presses, steps or turns until the point of a cup is taken, as the profile says. */
export function setPoint(hands: Hands, cup: Cup, place: number): void {
  const side = sideOfCup(cup);
  const press = pressOfSide(hands.world().profile, side);
  const target = targetOf(hands.world(), cup);
  if (target === undefined || press.by === 'none') return;
  const ready = () => dipWell(hands, cup.id);
  if (press.by === 'screw' || press.by === 'dials') {
    ready();
    const neutral = cup.label.kind === 'buffer' && Math.abs(cup.label.nominalPh - 7) < 1;
    const only = press.by === 'screw' || neutral;
    hands.do({ do: 'turn', dial: side === 'ec' ? 'cell' : only ? 'zero' : 'slope', shown: target });
    return;
  }
  const held = press.holdSeconds;
  const picks = press.picksBy?.[place] ?? 0;
  const choose = () => {
    for (let pick = 0; pick < picks && held > 0; pick += 1) hands.do({ do: 'cal', seconds: 0.4 });
  };
  if (press.when === 'beforeDip' && press.by === 'button') {
    hands.do({ do: 'rinse', with: 'tap' }, { do: 'shake' });
    keepAwake(hands);
    choose();
    hands.do({ do: 'cal', seconds: held }, { do: 'dip', cup: cup.id }, { do: 'stir' });
    if (hands.world().profile.ec) hands.do({ do: 'tapOff' });
    hands.do({ do: 'waitStill' });
  } else {
    ready();
    choose();
    hands.do({ do: 'cal', seconds: held });
  }
  if (press.by === 'steps') hands.do({ do: 'step', shown: target }, { do: 'cal', seconds: 0.5 });
  else if (press.confirmPress) hands.do({ do: 'wait', seconds: 12 }, { do: 'cal', seconds: 0.5 });
  hands.do({ do: 'wait', seconds: 4 });
}

/** Pours a fresh portion into each cup of a side that has a lot in date. */
export function pourFresh(hands: Hands, side: Side): void {
  for (const cup of checkCups(hands.world(), side)) {
    const lot = freshLotFor(hands.world(), cup);
    if (lot) hands.do({ do: 'pour', cup: cup.id, lot });
  }
}

/** The youngest lot in date with a cup's label. */
export function freshLotFor(world: World, cup: Cup): string | undefined {
  const same = Object.values(world.lots).filter(
    ({ label, expired }) => !expired && JSON.stringify(label) === JSON.stringify(cup.label),
  );
  return [...same].sort((a, b) => a.openedDays - b.openedDays)[0]?.id;
}

/** Adjusts every point of a side in its order; dials once more round, for each moves the other a little. */
export function adjustAll(hands: Hands, side: Side): void {
  showSide(hands, side);
  const cups = checkCups(hands.world(), side);
  const press = pressOfSide(hands.world().profile, side);
  const rounds = press.by === 'dials' && side === 'ph' ? 2 : 1;
  for (let round = 0; round < rounds; round += 1)
    cups.forEach((cup, place) => {
      keepAwake(hands);
      setPoint(hands, cup, place);
    });
}

/** Rinse, cap with storage solution. */
export const putAway = (hands: Hands): void =>
  hands.do({ do: 'rinse', with: 'tap' }, { do: 'cap', with: 'storage' });

/** A whole check as it should be: as found, adjust where it is off, put away. */
export function checkWell(hands: Hands): void {
  const { profile } = hands.world();
  hands.do({ do: 'uncap' }, { do: 'rinse', with: 'tap' });
  for (const side of ['ec', 'ph'] as const) {
    const traits = profile[side];
    if (!traits) continue;
    const good = readFound(hands, side);
    if (!good && traits.adjustable && pressOfSide(profile, side).by !== 'none')
      adjustAll(hands, side);
  }
  putAway(hands);
}
