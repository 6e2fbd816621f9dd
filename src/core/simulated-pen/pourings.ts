import type { PracticeCupId, PracticeLotId, Act, Cup, World } from './world';
import { addReagent, molPerUnit, type Reagent } from '../chemistry';
import { withCup } from './hands';
import { amountOf, blended, concentrated, mixed } from './liquid';
import { liquidOf, PORTION_ML } from './start';

/** Drops of a pipette, and how far the product in it is diluted for a jar. */
const DROP_ML = 0.05;
const JAR_DILUTION = 50;

/** Moles in a litre of a product of so many percent by mass. */
function molPerLOf(reagent: Reagent, percent: number, densityGPerMl: number): number {
  const perMl = molPerUnit({
    reagent,
    strength: { kind: 'percentByMass', percent, densityGPerMl },
  });
  if (!perMl.ok) throw new RangeError(`no such product: ${reagent} ${percent} %`);
  return 1000 * perMl.value;
}

/** The practice's products: nitric acid 38 % and potassium hydroxide 20 % by mass (CRC Handbook densities). */
export const PRODUCTS: Readonly<Record<'acid' | 'base', { reagent: Reagent; molPerL: number }>> = {
  acid: { reagent: 'nitric', molPerL: molPerLOf('nitric', 38, 1.235) },
  base: { reagent: 'koh', molPerL: molPerLOf('koh', 20, 1.188) },
};

/** A fresh portion from a lot; what was in the cup is thrown away. */
export function poured(world: World, cupId: PracticeCupId, lotId: PracticeLotId): World {
  const cup = world.cups[cupId];
  const lot = world.lots[lotId];
  if (!cup || !lot) return world;
  const liquid = { ...amountOf(lot.liquid, PORTION_ML), tempC: world.roomC };
  const filled: Cup = { ...cup, label: lot.label, liquid, lotId, dips: 0 };
  return { ...withCup(world, filled), pouredMl: world.pouredMl + PORTION_ML };
}

/** A used portion poured back spoils the bottle. */
export function pouredBack(world: World, cupId: PracticeCupId, lotId: PracticeLotId): World {
  const cup = world.cups[cupId];
  const lot = world.lots[lotId];
  if (!cup || !lot) return world;
  const back: World = {
    ...world,
    lots: { ...world.lots, [lotId]: { ...lot, liquid: mixed(lot.liquid, cup.liquid) } },
  };
  return withCup(back, { ...cup, liquid: amountOf(cup.liquid, 0.5) });
}

/** A powder sachet is made for so much water, mL. */
export const SACHET_ML = 250;

/** A powder sachet stirred into water. */
export function dissolved(world: World, act: Extract<Act, { readonly do: 'dissolve' }>): World {
  const cup = world.cups[act.cup];
  if (!cup) return world;
  const made = concentrated(liquidOf(cup.label, world.roomC, act.waterMl), SACHET_ML / act.waterMl);
  // An unrinsed spoon brings a little of the sachet before: a twelfth of a sachet.
  const before = Object.values(world.cups).find(
    (other) => other.id !== cup.id && other.label.kind === 'buffer' && other.liquid.volumeMl > 100,
  );
  const liquid = act.spoonRinsed || !before ? made : blended(made, before.liquid, 20 / act.waterMl);
  return withCup({ ...world, pouredMl: world.pouredMl + PORTION_ML }, { ...cup, liquid, dips: 0 });
}

/** Drops of diluted acid into the jar. */
export function dropped(world: World, drops: number): World {
  if (!world.jar) return world;
  const { reagent, molPerL } = PRODUCTS.acid;
  const ml = (drops * DROP_ML) / JAR_DILUTION;
  const jar = {
    volumeMl: world.jar.volumeMl + drops * DROP_ML,
    solution: addReagent(world.jar.solution, reagent, (molPerL * ml) / world.jar.volumeMl),
  };
  return { ...world, jar };
}

/** Acid or base into the tank; it is mixed in with time. */
export function dosed(world: World, of: 'acid' | 'base', ml: number): World {
  if (!world.tank) return world;
  const { reagent, molPerL } = PRODUCTS[of];
  const { tank } = world;
  const added = addReagent(tank.solution, reagent, (molPerL * ml) / (1000 * tank.volumeL));
  return {
    ...world,
    productMl: world.productMl + ml,
    tank: { ...tank, solution: added },
  };
}
