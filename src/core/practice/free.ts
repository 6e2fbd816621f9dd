import { BUFFER_FAMILIES } from '../buffers';
import {
  amountOf,
  blended,
  cupOf,
  liquidOf,
  lotOf,
  NEW_PROBE,
  startWorld,
  stood,
  uniformNoise,
  type BenchSetUp,
  type CupLabel,
  type Probe,
  type SimProfile,
} from '../simulated-pen';
import type { Practice } from './kinds';
import { openCup, practiceTank, ROOM_C } from './tasks/tanks';

/** What can be wrong with a pen of one’s own choice. */
export const FAULTS = [
  'none',
  'drifted',
  'dry',
  'dirty',
  'leached',
  'greasy',
  'bubble',
  'badBottle',
] as const;
export type Fault = (typeof FAULTS)[number];

/** Ages of a probe, days. */
export const AGES_DAYS = [30, 180, 330, 450] as const;

/** A bench of one’s own. */
export interface FreeChoice {
  readonly profile: SimProfile;
  readonly ageDays: number;
  readonly fault: Fault;
  readonly seed: number;
}

function probeOf({ ageDays, fault, seed }: FreeChoice): Probe {
  const draw = (at: number) => 2 * uniformNoise(seed, at, 'surprise') - 1;
  const years = ageDays / 365;
  const aged: Probe = {
    ...NEW_PROBE,
    ageDays,
    zeroMv: 8 * draw(1) * (0.3 + years) - 6 * years,
    efficiency: 0.99 - 0.07 * years ** 2,
  };
  switch (fault) {
    case 'drifted':
      return { ...aged, zeroMv: aged.zeroMv + (draw(2) > 0 ? 14 : -14) };
    case 'dry':
      return { ...stood(aged, 'dry', 6), crystals: 0.6 };
    case 'dirty':
      return { ...aged, fouling: 0.6, grease: 0.2 };
    case 'leached':
      return stood(aged, 'pureWater', 40);
    default:
      return aged;
  }
}

/** Standards on every bench of a pen with an EC side, mS/cm. */
const STANDARDS = [1.413, 2.77] as const;

/** Labels of everything on a free bench: the pen’s own cups and the rest of its family, waters, storage. */
function labelsFor({ ph, ec }: SimProfile): readonly CupLabel[] {
  const family = ph ? BUFFER_FAMILIES[ph.family].map(({ nominalPh }) => nominalPh) : [];
  const nominals = [...new Set([...(ph?.cupsPh ?? []), ...family])];
  const buffers = nominals.map((nominalPh): CupLabel => ({ kind: 'buffer', nominalPh }));
  const standards = (ec ? [...new Set([ec.standardMsPerCm, ...STANDARDS])] : []).map(
    (nominalMsPerCm): CupLabel => ({ kind: 'standard', nominalMsPerCm }),
  );
  return [...buffers, ...standards, { kind: 'tap' }, { kind: 'pure' }, { kind: 'storage' }];
}

const CAPS: Partial<Record<Fault, BenchSetUp['cap']>> = { dry: 'dry', leached: 'pureWater' };

/** A bench of one’s own choice: any profile, age and fault. Deterministic from its seed. */
export function freePractice(choice: FreeChoice): Practice {
  const { profile, fault, seed } = choice;
  const labels = labelsFor(profile);
  const [first] = labels;
  const spoiled =
    fault === 'badBottle' && first
      ? blended(liquidOf(first, ROOM_C, 250), liquidOf({ kind: 'tap' }, ROOM_C), 0.25)
      : undefined;
  const cups = labels.map((label, at) => {
    const cup = cupOf(label, ROOM_C);
    return at === 0 && spoiled ? { ...cup, lotId: 'lot-old', liquid: amountOf(spoiled, 20) } : cup;
  });
  const references = labels.filter(({ kind }) => kind === 'buffer' || kind === 'standard');
  const old =
    spoiled && first
      ? [{ id: 'lot-old', label: first, liquid: spoiled, openedDays: 300, expired: true }]
      : [];
  const tank = practiceTank({
    ph: 6.1,
    ecMsPerCm: 1.8,
    alkalinityMeqPerL: 0.3,
    phosphateMmolPerL: 0.9,
    ammoniumMmolPerL: 0.5,
    band: { low: 5.5, high: 6.5 },
    volumeL: 100,
  });
  const start = startWorld({
    seed,
    profile,
    roomC: ROOM_C,
    probe: probeOf(choice),
    cell: {
      grease: fault === 'greasy' ? 0.5 : 0,
      gain: 1 + 0.01 * (2 * uniformNoise(seed, 7, 'surprise') - 1),
    },
    cap: CAPS[fault] ?? 'storage',
    cups: [...cups, openCup('tank')],
    lots: [...old, ...references.map((label) => lotOf(label, ROOM_C))],
    tank,
    bubbly: fault === 'bubble',
  });
  return {
    id: 'free',
    start,
    crop: { ...(profile.ph ? { ph: 6 } : {}), ...(profile.ec ? { ecMsPerCm: 1.8 } : {}) },
    questions: [],
    laterH: 24,
    hasPast: fault !== 'dry',
  };
}

/** A choice by a seed alone, among so many profiles: "surprise me". */
export function surprise(seed: number, profiles: number) {
  const pick = (at: number, of: number) => Math.floor(uniformNoise(seed, 40 + at, 'surprise') * of);
  return {
    profileAt: pick(0, profiles),
    ageDays: AGES_DAYS[pick(1, AGES_DAYS.length)]!,
    fault: FAULTS[pick(2, FAULTS.length)]!,
  };
}
