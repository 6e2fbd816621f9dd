import type { PracticeCupId, Act, Cleaning, Cup, World } from './world';
import { atTheGlass, FILM_ML, filmOf } from './advance';
import { amountOf, blended, mixed } from './liquid';
import { uniformNoise } from './noise';
import { stood } from './standing';
import { liquidOf } from './start';

/** Rinsing leaves so much of what was on the tip. Source: two changes of a film under running water. */
const RINSE_LEAVES = 0.01;

/** A bubble catches in the cell in one dip of six. */
const BUBBLE_CHANCE = 1 / 6;

const cupOfTip = (world: World): Cup | undefined =>
  world.tip.at === 'cup' ? world.cups[world.tip.cup] : undefined;

/** The bench with one cup changed. */
export const withCup = (world: World, cup: Cup): World => ({
  ...world,
  cups: { ...world.cups, [cup.id]: cup },
});

const hasShroud = ({ profile }: World) => profile.ec !== null;

/** What clings to a wet tip, mL. */
const filmMl = (world: World): number => (hasShroud(world) ? FILM_ML.shroud : FILM_ML.wet);

/** The tip leaves what it stands in and takes a film of it along. */
export function lifted(world: World): World {
  if (world.tip.at === 'air') return world;
  const liquid = atTheGlass(world);
  const film = filmOf(liquid, Math.min(liquid.volumeMl, filmMl(world)));
  const out: World = { ...world, tip: { at: 'air' }, film, exchanged: 1 };
  const cup = cupOfTip(world);
  if (!cup || cup.label.kind === 'tank' || cup.label.kind === 'jar') return out;
  const left = Math.max(0.5, cup.liquid.volumeMl - film.volumeMl);
  return withCup(out, { ...cup, liquid: amountOf(cup.liquid, left) });
}

/** The tip goes into a cup: its film mixes in there, and clings to the glass until it is exchanged. */
function dipped(world: World, id: PracticeCupId): World {
  const from = lifted(world);
  const cup = from.cups[id];
  if (!cup) return from;
  const open = cup.label.kind === 'tank' || cup.label.kind === 'jar';
  const liquid = open ? cup.liquid : mixed(cup.liquid, from.film);
  const bubble = from.bubbly || uniformNoise(from.seed, from.tick, 'surprise') < BUBBLE_CHANCE;
  return {
    ...withCup(from, { ...cup, liquid, dips: cup.dips + 1 }),
    tip: { at: 'cup', cup: id },
    // The thinner the film, the more of the cup is at the glass at once.
    exchanged: Math.max(0, 1 - from.film.volumeMl / filmMl(from)),
    cell: { ...from.cell, bubble: hasShroud(from) && bubble },
  };
}

/** Changes the glass itself; what it gives changes with it at the next tick. */
const withProbe = (world: World, probe: Partial<World['probe']>): World => ({
  ...world,
  probe: { ...world.probe, ...probe },
});

/** What each way of cleaning does. Sizes: a soak takes off what is not grease, ethanol and brush the rest. */
export function cleaned(world: World, how: Cleaning): World {
  const { probe, cell } = world;
  const dirt = Math.max(0, probe.fouling - probe.grease);
  const wash = (loose: number, grease: number, wornDays: number): World => {
    const left = probe.grease * grease;
    return withProbe(world, {
      fouling: dirt * loose + left,
      grease: left,
      wornDays: probe.wornDays + wornDays,
    });
  };
  switch (how) {
    case 'swish':
      return wash(0.5, 0.9, 0);
    case 'cleaner':
      return withProbe(world, stood(probe, 'cleaner', 0.5));
    case 'brush':
      return wash(0.25, 0.5, 0.5);
    case 'ethanol':
      return wash(0.8, 0.1, 1);
    case 'scrubFace':
      return { ...world, cell: { ...cell, grease: cell.grease * SCRUB_LEAVES } };
    case 'warmWater':
      return withProbe(world, { crystals: probe.crystals * 0.03 });
    case 'scrape':
      return withProbe(world, {
        crystals: probe.crystals * 0.2,
        wornDays: probe.wornDays + 40,
        efficiency: probe.efficiency - 0.02,
      });
  }
}

/** A scrub of the EC face leaves so much of its grease. */
export const SCRUB_LEAVES = 0.06;

/** How long each way of cleaning takes, s. */
export const CLEANING_S: Readonly<Record<Cleaning, number>> = {
  swish: 30,
  cleaner: 1800,
  brush: 40,
  ethanol: 20,
  scrubFace: 40,
  scrape: 30,
  warmWater: 120,
};

/** What was done with the tip and around it. */
export function byHand(world: World, act: Act): World {
  switch (act.do) {
    case 'dip':
      return dipped(world, act.cup);
    case 'lift':
    case 'uncap':
      return lifted(world);
    case 'stir':
      return { ...world, stirredTick: world.tick };
    case 'tapOff':
      return { ...world, cell: { ...world.cell, bubble: false } };
    case 'shake':
    case 'blot': {
      const most = act.do === 'shake' ? FILM_ML.shaken : FILM_ML.blotted;
      const out = lifted(world);
      return { ...out, film: amountOf(out.film, Math.min(out.film.volumeMl, most)) };
    }
    case 'wipe': {
      const out = lifted(world);
      const film = amountOf(out.film, FILM_ML.blotted);
      const { staticMv, wornDays } = out.probe;
      return withProbe({ ...out, film }, { staticMv: staticMv + 14, wornDays: wornDays + 2 });
    }
    case 'touch': {
      const { fouling, grease, wornDays } = world.probe;
      const more = Math.min(1, fouling + 0.25) - fouling;
      return withProbe(world, {
        fouling: fouling + more,
        grease: grease + more,
        wornDays: wornDays + 1,
      });
    }
    case 'rinse': {
      const out = lifted(world);
      const fresh = liquidOf({ kind: act.with }, world.roomC);
      const volumeMl = filmMl(world);
      const left = (RINSE_LEAVES * out.film.volumeMl) / volumeMl;
      return { ...out, film: amountOf(blended(fresh, out.film, left), volumeMl) };
    }
    case 'cap':
      return { ...lifted(world), tip: { at: 'cap' }, cap: act.with };
    default:
      return world;
  }
}
