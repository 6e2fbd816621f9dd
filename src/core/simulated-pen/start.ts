import { NEW_CELL, type Cell } from './cell';
import { newFirmware, type Firmware } from './firmwareState';
import type { Liquid } from './liquid';
import { NEW_PROBE, targetMv, type Probe } from './probe';
import {
  cleanerBath,
  freshBuffer,
  freshStandard,
  pureWater,
  storageSolution,
  water,
} from './recipes';
import type { StoredIn } from './standing';
import type { SimProfile } from './traits';
import type { Cup, CupLabel, PracticeLot, PracticeTank, World } from './world';

/** A portion as it is poured for a point, mL. */
export const PORTION_ML = 20;

/** What a label promises, fresh and at a temperature; tank and jar have a chemistry of their own. */
export function liquidOf(label: CupLabel, tempC: number, volumeMl = PORTION_ML): Liquid {
  const amount = { volumeMl, tempC };
  switch (label.kind) {
    case 'buffer':
      return freshBuffer(label.nominalPh, amount);
    case 'standard':
      return freshStandard(label.nominalMsPerCm, amount);
    case 'pure':
      return pureWater({ ...amount, volumeMl: 200 });
    case 'storage':
      return storageSolution({ ...amount, volumeMl: 100 });
    case 'cleaner':
      return cleanerBath({ ...amount, volumeMl: 100 });
    default:
      return water({ alkalinityMeqPerL: 2.4, ph: 7.6 }, { ...amount, volumeMl: 200 });
  }
}

const labelId = (label: CupLabel): string =>
  label.kind === 'buffer'
    ? String(label.nominalPh)
    : label.kind === 'standard'
      ? `ec${label.nominalMsPerCm}`
      : label.kind;

/** A cup that holds what its label says, unless told otherwise. */
export const cupOf = (label: CupLabel, tempC: number, truly: Partial<Cup> = {}): Cup => ({
  id: labelId(label),
  label,
  liquid: liquidOf(label, tempC),
  dips: 0,
  ...truly,
});

/** A lot that holds what its label says, unless told otherwise. */
export const lotOf = (
  label: CupLabel,
  tempC: number,
  truly: Partial<PracticeLot> = {},
): PracticeLot => ({
  id: `lot-${labelId(label)}`,
  label,
  liquid: liquidOf(label, tempC, 250),
  openedDays: 3,
  expired: false,
  ...truly,
});

/** What a bench is set up with. */
export interface BenchSetUp {
  readonly seed: number;
  readonly profile: SimProfile;
  readonly roomC?: number;
  readonly probe?: Partial<Probe>;
  readonly cell?: Partial<Cell>;
  readonly firmware?: Partial<Firmware>;
  readonly cap?: StoredIn;
  readonly cups: readonly Cup[];
  readonly lots?: readonly PracticeLot[];
  readonly tank?: PracticeTank;
  readonly bubbly?: boolean;
  readonly batteryH?: number;
}

const byId = <Kind extends { readonly id: string }>(all: readonly Kind[]) =>
  Object.fromEntries(all.map((one) => [one.id, one]));

/** The bench before the first touch: the pen is capped and off, everything at the room's temperature. */
export function startWorld(setUp: BenchSetUp): World {
  const { seed, profile, roomC = 21, cups, lots = [], tank } = setUp;
  const wet = (setUp.cap ?? 'storage') !== 'dry';
  const storage = storageSolution({ volumeMl: wet ? 0.12 : 0.001, tempC: roomC });
  const probe: Probe = { ...NEW_PROBE, sensorC: roomC, ...setUp.probe };
  const settled = { ...probe, glassMv: targetMv(probe, { ph: 6.5, tempC: roomC, junction: 0 }) };
  return {
    seed,
    profile,
    tick: 0,
    roomC,
    probe: settled,
    cell: { ...NEW_CELL, ...setUp.cell },
    firmware: { ...newFirmware(profile), ...setUp.firmware },
    batteryH: setUp.batteryH ?? 300,
    tip: { at: 'cap' },
    film: storage,
    exchanged: 1,
    stirredTick: -1000,
    cap: setUp.cap ?? 'storage',
    cups: byId(cups),
    lots: byId(lots),
    tank,
    notes: [],
    points: [],
    answers: {},
    pouredMl: 0,
    productMl: 0,
    bubbly: setUp.bubbly ?? false,
  };
}
