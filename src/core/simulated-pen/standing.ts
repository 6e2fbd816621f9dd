import { approach, type Probe } from './probe';

/** Where a probe spends its hours. */
export type StoredIn =
  | 'storage'
  | 'ph4'
  | 'tapWater'
  | 'pureWater'
  | 'dampPaper'
  | 'feed'
  | 'cleaner'
  | 'buffer'
  /** Capped as it is, with its sponge or liquid still wet. */
  | 'dry';

interface Law {
  /** Where hydration goes and how fast, h. */
  readonly hydration: readonly [to: number, tauH: number];
  /** Where the reference goes and how fast, h; undefined: it stays. */
  readonly reference?: readonly [to: number, tauH: number];
  /** Share of dirt without grease that comes off or on: where it goes and how fast, h. */
  readonly fouling?: readonly [to: number, tauH: number];
  /** Days of life it costs for each hour, beyond the hour itself. */
  readonly wornDaysPerH: number;
}

/**
 * What hours in a liquid do. Sizes follow the usual instructions of probe makers: 24 h in potassium
 * chloride for a dry probe, an hour or two for one that turned sluggish, overnight after pure water, a bare
 * tip dry within hours, a day in tap water harmless.
 */
const LAWS: Readonly<Record<StoredIn, Law>> = {
  storage: { hydration: [1, 5], reference: [1, 6], wornDaysPerH: 0 },
  ph4: { hydration: [1, 6], reference: [0.95, 20], wornDaysPerH: 0.01 },
  buffer: { hydration: [1, 7], reference: [0.9, 40], wornDaysPerH: 0.01 },
  tapWater: { hydration: [1, 7], reference: [0.6, 72], wornDaysPerH: 0.04 },
  dampPaper: { hydration: [0.9, 8], wornDaysPerH: 0.01 },
  pureWater: { hydration: [0.9, 8], reference: [0.1, 14], wornDaysPerH: 0.5 },
  feed: { hydration: [1, 8], reference: [0.8, 240], fouling: [0.9, 400], wornDaysPerH: 0.02 },
  cleaner: { hydration: [1, 10], reference: [0.9, 60], fouling: [0, 0.2], wornDaysPerH: 0.3 },
  dry: { hydration: [0, 3], reference: [0.7, 48], wornDaysPerH: 0.4 },
};

/** The law of a liquid, for the table in the docs and the tests. */
export const standingLaw = (where: StoredIn): Law => LAWS[where];

/** Crust of salt dissolves in warm water and in storage solution, h. */
const CRYSTALS_TAU_H = 0.1;

/**
 * Gradual ageing of a pen that is well kept, a day; towards the end of its life it goes many times as fast.
 * Source: the drift of usual and worn pens (a few thousandths of a pH a day at first).
 */
const AGEING = { zeroMvPerDay: -0.06, efficiencyPerDay: -0.00018 };

/** A probe after so many hours in a liquid or dry. Exact for any length. */
export function stood(probe: Probe, where: StoredIn, hours: number): Probe {
  const law = LAWS[where];
  const to = (value: number, [end, tauH]: readonly [number, number]) =>
    approach(value, end, hours, tauH);
  const days = hours / 24;
  const dryLoss = where === 'dry' ? hours * law.wornDaysPerH * (1 - probe.hydration) : 0;
  const loss = where === 'dry' ? dryLoss : hours * law.wornDaysPerH;
  const loose = Math.max(0, probe.fouling - probe.grease);
  const left = law.fouling ? to(loose, law.fouling) : loose;
  const grease = where === 'cleaner' ? to(probe.grease, [0, 0.5]) : probe.grease;
  const crystals =
    where === 'dry' ? probe.crystals : approach(probe.crystals, 0, hours, CRYSTALS_TAU_H);
  const ageing = 1 + 2 * ((probe.ageDays + probe.wornDays) / 365) ** 3;
  return {
    ...probe,
    hydration: to(probe.hydration, law.hydration),
    reference: law.reference ? to(probe.reference, law.reference) : probe.reference,
    fouling: left + grease,
    grease,
    crystals,
    ageDays: probe.ageDays + days,
    wornDays: probe.wornDays + loss,
    zeroMv: probe.zeroMv + AGEING.zeroMvPerDay * ageing * (days + loss),
    efficiency: probe.efficiency + AGEING.efficiencyPerDay * ageing * (days + loss),
  };
}
