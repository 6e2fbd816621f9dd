import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import type { Pen, ProfileId } from '@/records';

/** How a made-up pen drifts, and how often it is looked after. */
export interface DemoPen {
  readonly pen: Pen;
  /** Mean drift and its daily scatter. */
  readonly offsetPerDayPh: number;
  readonly offsetScatterPh: number;
  /** From so many days ago on it drifts otherwise. */
  readonly spell?: { readonly fromDaysAgo: number; readonly offsetPerDayPh: number };
  readonly gainPerDay: number;
  readonly ecGainPerDay: number;
  /** Days between checks; the newest check was this many days ago. */
  readonly everyDays: number;
  readonly newestDaysAgo: number;
}

function make(profileId: ProfileId, code: string, name: string): Pen {
  const profile = GENERIC_PROFILES.find(({ id }) => id === profileId);
  if (!profile) throw new RangeError(`no profile ${profileId}`);
  const bare = penFromProfile(profile, { code, name });
  // Its number as the house wrote it on the pen.
  const papers = { boughtOn: '', guaranteeUntil: '', certificate: '', batteries: '' };
  return { ...bare, papers: { ...papers, ...bare.papers, serial: `KG-00${code.slice(1)}` } };
}

/** The five pens of the glasshouse. P4 is old and moves; P3's face gets greasy. */
export const DEMO_PENS: readonly DemoPen[] = [
  {
    pen: make('combination', 'P1', 'Combination'),
    offsetPerDayPh: 0.002,
    offsetScatterPh: 0.004,
    gainPerDay: -0.0002,
    ecGainPerDay: 0.0003,
    everyDays: 7,
    newestDaysAgo: 0,
  },
  {
    pen: make('ph-sachets', 'P2', 'Three-sachet pocket pen'),
    offsetPerDayPh: -0.002,
    offsetScatterPh: 0.006,
    gainPerDay: -0.0003,
    ecGainPerDay: 0,
    everyDays: 7,
    newestDaysAgo: 9,
  },
  {
    pen: make('ec-one-point', 'P3', 'EC, one point'),
    offsetPerDayPh: 0,
    offsetScatterPh: 0,
    gainPerDay: 0,
    ecGainPerDay: -0.0009,
    everyDays: 14,
    newestDaysAgo: 4,
  },
  {
    pen: {
      ...make('ph-screw', 'P4', 'Trim screw'),
      tolerancePolicy: 'relaxed',
      cleaningPolicy: 'beforeEachCheck',
      checkPolicy: 'weekly',
    },
    offsetPerDayPh: -0.0003,
    offsetScatterPh: 0.008,
    spell: { fromDaysAgo: 40, offsetPerDayPh: 0.024 },
    gainPerDay: 0,
    ecGainPerDay: 0,
    everyDays: 14,
    newestDaysAgo: 26,
  },
  {
    pen: {
      ...make('ec-verify-ph-spear', 'P5', 'Verify-only EC, spear pH'),
      checkPolicy: 'monthly',
    },
    offsetPerDayPh: 0.001,
    offsetScatterPh: 0.004,
    gainPerDay: -0.0001,
    ecGainPerDay: -0.00002,
    everyDays: 28,
    newestDaysAgo: 12,
  },
];
