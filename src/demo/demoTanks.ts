import { FEED_ALPHA_PER_C } from '@/core/conductivity';
import type { Reservoir } from '@/records/kinds';

/** How a made-up tank behaves between the grower's hands. */
export interface DemoTank {
  readonly tank: Reservoir;
  /** Mean daily movement of the true values. */
  readonly phPerDay: number;
  readonly ecPerDay: number;
  readonly startPh: number;
  readonly startEcMsPerCm: number;
  readonly tempC: number;
  /** Codes of the pens used here. */
  readonly phPen: string;
  readonly ecPen: string;
  /** Days ago of the newest reading; 0 = already read today. */
  readonly newestDaysAgo: number;
  /** Where the story lets its pH stand this morning. */
  readonly risenTodayTo?: number;
}

interface Crop {
  readonly crop: string;
  readonly stage: string;
  readonly ph: readonly [number, number];
  readonly ec: readonly [number, number];
}

function tank(name: string, volumeL: number, place: number, crop: Crop): Reservoir {
  return {
    name,
    volumeL,
    crop: crop.crop,
    stage: crop.stage,
    phBand: { low: crop.ph[0], high: crop.ph[1] },
    ecBand: { low: crop.ec[0], high: crop.ec[1] },
    alphaPerC: FEED_ALPHA_PER_C,
    place,
    note: '',
  };
}

/** The six tanks of the glasshouse. Bands as in the crop library; mint has its own. */
export const DEMO_TANKS: readonly DemoTank[] = [
  {
    tank: tank('Strawberry gutters', 420, 1, {
      crop: 'strawberry',
      stage: 'flower, fruit',
      ph: [5.5, 6.2],
      ec: [1.4, 2.0],
    }),
    phPerDay: 0.05,
    ecPerDay: -0.02,
    startPh: 5.75,
    startEcMsPerCm: 1.7,
    tempC: 19.5,
    phPen: 'P1',
    ecPen: 'P1',
    newestDaysAgo: 0,
    risenTodayTo: 6.34,
  },
  {
    tank: tank('Basil tables', 160, 2, {
      crop: 'basil',
      stage: 'all',
      ph: [5.5, 6.5],
      ec: [1.0, 1.8],
    }),
    phPerDay: -0.022,
    ecPerDay: -0.015,
    startPh: 5.93,
    startEcMsPerCm: 1.5,
    tempC: 21.4,
    phPen: 'P1',
    ecPen: 'P3',
    newestDaysAgo: 1,
  },
  {
    tank: tank('Sweet pepper slabs', 900, 3, {
      crop: 'sweet pepper',
      stage: 'fruit',
      ph: [5.5, 6.3],
      ec: [2.2, 3.0],
    }),
    phPerDay: 0.055,
    ecPerDay: 0.015,
    startPh: 5.9,
    startEcMsPerCm: 2.5,
    tempC: 20.8,
    phPen: 'P4',
    ecPen: 'P3',
    newestDaysAgo: 1,
  },
  {
    tank: tank('Gerbera bench', 300, 4, {
      crop: 'gerbera',
      stage: 'all',
      ph: [5.3, 6.0],
      ec: [1.4, 2.0],
    }),
    phPerDay: 0.045,
    ecPerDay: -0.01,
    startPh: 5.7,
    startEcMsPerCm: 1.75,
    tempC: 18.6,
    phPen: 'P4',
    ecPen: 'P1',
    newestDaysAgo: 1,
  },
  {
    tank: tank('Mint trough', 120, 5, {
      crop: 'mint',
      stage: 'all',
      ph: [5.8, 6.4],
      ec: [1.8, 2.4],
    }),
    phPerDay: 0.024,
    ecPerDay: -0.02,
    startPh: 6.0,
    startEcMsPerCm: 2.1,
    tempC: 18.2,
    phPen: 'P2',
    ecPen: 'P5',
    newestDaysAgo: 2,
  },
  {
    tank: tank('Propagation', 45, 6, {
      crop: 'any',
      stage: 'seedling, cutting',
      ph: [5.5, 6.3],
      ec: [0.6, 1.2],
    }),
    phPerDay: 0.03,
    ecPerDay: 0.005,
    startPh: 5.8,
    startEcMsPerCm: 0.9,
    tempC: 22.0,
    phPen: 'P1',
    ecPen: 'P1',
    newestDaysAgo: 1,
  },
];
