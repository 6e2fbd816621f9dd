import {
  amountOf,
  blended,
  cupOf,
  FACTORY_PH,
  liquidOf,
  lotOf,
  NEW_PROBE,
  pureWater,
  startWorld,
  stood,
  type BenchSetUp,
  type CupLabel,
  type PracticeLot,
  type World,
} from '../../simulated-pen';
import type { Practice, Question, TaskId } from '../kinds';
import { lookBackQuestion, recordOf } from './lookBack';
import { between, openCup, practiceTank, ROOM_C } from './tanks';
import { CAREFUL, DIALS, EC_PEN, PLAIN, SACHETS, SCREW, STEPS } from './pens';

const buffer = (nominalPh: number): CupLabel => ({ kind: 'buffer', nominalPh });
const standard: CupLabel = { kind: 'standard', nominalMsPerCm: 2.77 };
const SIDE_CUPS: readonly CupLabel[] = [{ kind: 'tap' }, { kind: 'storage' }];

/** Cups with portions of lots in date, the lots, and what stands on every bench. */
function set(
  labels: readonly CupLabel[],
  tempC = ROOM_C,
): Pick<BenchSetUp, 'cups' | 'lots' | 'roomC'> {
  return {
    roomC: tempC,
    cups: [...labels, ...SIDE_CUPS].map((label) =>
      cupOf(
        label,
        tempC,
        label.kind === 'buffer' || label.kind === 'standard' ? { lotId: `lot-${idOf(label)}` } : {},
      ),
    ),
    lots: labels.map((label) => lotOf(label, tempC)),
  };
}

const idOf = (label: CupLabel) => cupOf(label, ROOM_C).id;
const TWO = [buffer(7), buffer(4.01)];

type Plan = Omit<Practice, 'id' | 'start' | 'questions' | 'hasPast'> & {
  readonly hasPast?: boolean;
  readonly bench: Omit<BenchSetUp, 'seed'>;
  readonly questions?: (start: World) => readonly Question[];
};

const CROP = { crop: { ph: 6 }, laterH: 24 } as const;

/** A probe that is off by a zero of its own, within what a seed decides. */
const offBy = (seed: number, lowMv: number, highMv: number) => ({
  zeroMv: between(seed, 1, lowMv, highMv),
  efficiency: between(seed, 2, 0.95, 0.98),
  ageDays: 120,
});

/** A new probe, soaked and adjusted: what a retired one is replaced by. */
const withNewProbe = (world: World): World => ({
  ...world,
  probe: { ...NEW_PROBE, zeroMv: 0, efficiency: 1, glassMv: world.probe.glassMv },
  firmware: { ...world.firmware, ph: FACTORY_PH, phBefore: FACTORY_PH },
});

const PLANS: Readonly<Record<TaskId, (seed: number) => Plan>> = {
  newPen: (seed) => ({
    ...CROP,
    hasPast: false,
    bench: {
      ...set(TWO),
      profile: PLAIN,
      cap: 'dry',
      probe: { hydration: between(seed, 1, 0.1, 0.3), crystals: 0.85, ageDays: 70 },
    },
  }),
  foundGood: (seed) => ({
    ...CROP,
    bench: {
      ...set(TWO),
      profile: CAREFUL,
      probe: { zeroMv: between(seed, 1, -0.8, 0.8), efficiency: 0.995, ageDays: 40 },
    },
  }),
  cold16: (seed) => ({
    ...CROP,
    bench: { ...set(TWO, 16), profile: STEPS, probe: offBy(seed, 9, 16) },
  }),
  sachets: (seed) => {
    const labels = [buffer(6.86), buffer(4), buffer(9.18)];
    const empty = pureWater({ volumeMl: 0.5, tempC: ROOM_C });
    return {
      ...CROP,
      bench: {
        roomC: ROOM_C,
        profile: SACHETS,
        probe: offBy(seed, -15, -8),
        cups: [
          ...labels.map((label) => cupOf(label, ROOM_C, { liquid: amountOf(empty, 0.5) })),
          ...SIDE_CUPS.map((label) => cupOf(label, ROOM_C)),
        ],
      },
    };
  },
  trimScrew: (seed) => ({
    crop: { ph: 6, tempC: 12 },
    laterH: 24,
    bench: {
      ...set([buffer(7)], 12),
      profile: SCREW,
      probe: { ...offBy(seed, 10, 20), efficiency: 0.998 },
    },
  }),
  twoDials: (seed) => ({
    ...CROP,
    bench: {
      ...set(TWO),
      profile: DIALS,
      probe: {
        zeroMv: between(seed, 1, 15, 25),
        efficiency: between(seed, 2, 0.9, 0.93),
        ageDays: 150,
      },
    },
  }),
  tooEarly: (seed) => ({
    ...CROP,
    bench: {
      ...set(TWO),
      profile: PLAIN,
      probe: { ...offBy(seed, 8, 14), ageDays: 300, fouling: 0.12 },
    },
  }),
  swapped: (seed) => {
    const { cups, ...rest } = set(TWO);
    const [seven, four] = [cups[0]!, cups[1]!];
    const swapped = [
      { ...seven, liquid: four.liquid },
      { ...four, liquid: seven.liquid },
      ...cups.slice(2),
    ];
    return {
      ...CROP,
      bench: { ...rest, cups: swapped, profile: STEPS, probe: offBy(seed, 8, 14) },
    };
  },
  expired: (seed) => {
    const old = blended(
      liquidOf(buffer(7), ROOM_C, 250),
      liquidOf(buffer(10.01), ROOM_C),
      between(seed, 3, 0.12, 0.2),
    );
    const lots: readonly PracticeLot[] = [
      { id: 'lot-old', label: buffer(7), liquid: old, openedDays: 240, expired: true },
      lotOf(buffer(7), ROOM_C),
      lotOf(buffer(4.01), ROOM_C),
    ];
    const { cups } = set(TWO);
    const poured = cups.map((cup) =>
      cup.id === '7' ? { ...cup, lotId: 'lot-old', liquid: amountOf(old, 20) } : cup,
    );
    return {
      ...CROP,
      bench: { roomC: ROOM_C, cups: poured, lots, profile: PLAIN, probe: offBy(seed, 8, 14) },
    };
  },
  greasyCell: (seed) => ({
    crop: { ecMsPerCm: 1.8 },
    laterH: 24,
    bench: {
      ...set([standard]),
      profile: EC_PEN,
      cap: 'dry',
      cell: { grease: between(seed, 1, 0.4, 0.6), gain: between(seed, 2, 0.99, 1.01) },
    },
  }),
  bubble: (seed) => ({
    crop: { ecMsPerCm: 1.8 },
    laterH: 24,
    bench: {
      ...set([standard]),
      profile: EC_PEN,
      cap: 'dry',
      bubbly: true,
      cell: { gain: between(seed, 2, 0.99, 1.01) },
    },
  }),
  pureWater: (seed) => ({
    ...CROP,
    bench: {
      ...set(TWO),
      profile: PLAIN,
      cap: 'pureWater',
      probe: stood({ ...NEW_PROBE, ageDays: 80 }, 'pureWater', between(seed, 1, 30, 60)),
    },
  }),
  oldSlow: (seed) => ({
    crop: { ph: 6 },
    laterH: 24 * 14,
    questions: () => [{ id: 'keepIt', choices: ['keep', 'retire'], right: 'retire' }],
    answered: (world, choice) => (choice === 'retire' ? withNewProbe(world) : world),
    bench: {
      ...set(TWO),
      profile: PLAIN,
      probe: {
        zeroMv: between(seed, 1, 25, 38),
        efficiency: between(seed, 2, 0.78, 0.83),
        ageDays: 430,
        wornDays: 120,
        fouling: 0.1,
      },
    },
  }),
  lookBack: (seed) => ({
    ...CROP,
    questions: lookBackQuestion,
    bench: {
      ...set(TWO),
      profile: PLAIN,
      probe: { zeroMv: between(seed, 1, -16, -10), efficiency: 0.97, ageDays: 150, fouling: 0.8 },
    },
  }),
  hardWater: (seed) => {
    const alkalinityMeqPerL = between(seed, 1, 3.2, 4.4);
    const tank = practiceTank({
      ph: 7.8,
      ecMsPerCm: 0.6,
      alkalinityMeqPerL,
      phosphateMmolPerL: 0,
      ammoniumMmolPerL: 0,
      band: { low: 5.6, high: 6.4 },
      volumeL: 100,
    });
    const { cups, ...rest } = set(TWO);
    return {
      crop: {},
      laterH: 1,
      bench: {
        ...rest,
        cups: [...cups, openCup('tank'), openCup('jar')],
        profile: PLAIN,
        probe: { zeroMv: 0.5, efficiency: 0.99, ageDays: 30 },
        tank,
      },
    };
  },
  chasing: (seed) => {
    const tank = practiceTank({
      ph: between(seed, 1, 6.8, 7),
      ecMsPerCm: 1.8,
      alkalinityMeqPerL: 0.5,
      phosphateMmolPerL: 0.9,
      ammoniumMmolPerL: 0.5,
      band: { low: 5.6, high: 6.2 },
      volumeL: 200,
    });
    const { cups, ...rest } = set([buffer(7)]);
    return {
      crop: {},
      laterH: 1,
      bench: {
        ...rest,
        cups: [...cups, openCup('tank')],
        profile: PLAIN,
        probe: { zeroMv: 0.5, efficiency: 0.99, ageDays: 30 },
        tank,
      },
    };
  },
  tapWater: (seed) => ({
    ...CROP,
    questions: () => [
      { id: 'isItRight', choices: ['itReads7', 'bufferOnly'], right: 'bufferOnly' },
    ],
    bench: {
      ...set(TWO),
      profile: PLAIN,
      // Tap water stands near 7.6 here: this pen is so far off that it happens to show about 7.
      probe: { zeroMv: between(seed, 1, 30, 38), efficiency: 0.97, ageDays: 200 },
    },
  }),
};

/** A task as its seed sets it up. The jar is filled from the tank where the task has one. */
export function practiceOf(id: TaskId, seed: number): Practice {
  const { bench, questions, ...rest } = PLANS[id](seed);
  const made = startWorld({ ...bench, seed });
  const start: World =
    made.tank && made.cups.jar
      ? { ...made, jar: { volumeMl: 1000, solution: made.tank.solution } }
      : made;
  return {
    ...rest,
    id,
    start,
    hasPast: rest.hasPast ?? true,
    questions: questions?.(start) ?? [],
    ...(id === 'lookBack' ? { record: recordOf(start) } : {}),
  };
}
