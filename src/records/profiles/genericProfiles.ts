import type { EcSide, Pen, PenDisplay, PhSide, Press } from '../kinds';

/** A starting point for a pen: every field can be changed when it is added. */
export interface GenericProfile {
  readonly id: string;
  readonly title: string;
  readonly hint: string;
  readonly ph: PhSide | null;
  readonly ec: EcSide | null;
  readonly display?: PenDisplay | undefined;
}

const button: Press = {
  by: 'button',
  when: 'afterDip',
  holdSeconds: 3,
  confirmPress: false,
  autoOffMinutes: 8,
};
const screw: Press = { ...button, by: 'screw', holdSeconds: 0, autoOffMinutes: null };
const dials: Press = { ...screw, by: 'dials' };
const none: Press = { ...button, by: 'none', holdSeconds: 0 };

const twoPointPh: PhSide = {
  resolutionPh: 0.01,
  accuracyPh: 0.1,
  hasAtc: true,
  family: 'technical',
  cupsPh: [7, 4.01],
  adjustable: true,
  storesNominal: false,
  press: button,
};

const onePointEc: EcSide = {
  scale: 'mS/cm',
  resolution: 0.01,
  accuracyMsPerCm: 0.1,
  compensation: { alphaPerC: 0.02, referenceC: 25 },
  standardMsPerCm: 1.413,
  adjustable: true,
  press: button,
};

/** The usual combinations, by what they do and never by maker. */
export const GENERIC_PROFILES: readonly GenericProfile[] = [
  {
    id: 'ph-auto-two-point',
    title: 'pH, two points, finds its buffers',
    hint: 'A button; 7 first, then 4.',
    ph: twoPointPh,
    ec: null,
  },
  {
    id: 'combination',
    title: 'pH and EC in one body',
    hint: 'Two pH points, one EC point.',
    ph: twoPointPh,
    ec: onePointEc,
  },
  {
    id: 'ph-sachets',
    title: 'pocket pH, powder sachets',
    hint: '6.86 first, then 4.00.',
    ph: { ...twoPointPh, family: 'sachet', cupsPh: [6.86, 4] },
    ec: null,
  },
  {
    id: 'ph-screw',
    title: 'pH with a trim screw',
    hint: 'One point, reads to 0.1.',
    ph: {
      ...twoPointPh,
      resolutionPh: 0.1,
      accuracyPh: 0.2,
      hasAtc: false,
      cupsPh: [7],
      press: screw,
    },
    ec: null,
  },
  {
    id: 'ec-one-point',
    title: 'EC, one point',
    hint: 'Adjusted in one standard.',
    ph: null,
    ec: onePointEc,
  },
  {
    id: 'ec-verify-ph-spear',
    title: 'EC verify only, spear-tip pH',
    hint: 'The EC side is set at the factory.',
    ph: { ...twoPointPh, spearTip: true },
    ec: { ...onePointEc, standardMsPerCm: 2.77, adjustable: false, press: none },
  },
  {
    id: 'ph-spear',
    title: 'spear-tip pH for substrate',
    hint: 'pH alone; two points; a pilot hole first.',
    ph: { ...twoPointPh, spearTip: true },
    ec: null,
  },
  {
    id: 'ph-pure-water',
    title: 'pH for rain and pure water',
    hint: 'An electrode for water with few minerals; two points.',
    ph: { ...twoPointPh, pureWater: true, replaceable: true },
    ec: null,
  },
  {
    id: 'two-probes',
    title: 'meter with two probes',
    hint: 'A pH probe to replace; an EC probe to compare only.',
    ph: { ...twoPointPh, replaceable: true },
    ec: {
      ...onePointEc,
      standardMsPerCm: 2.77,
      adjustable: false,
      replaceable: true,
      press: none,
    },
  },
  {
    id: 'one-bottle',
    title: 'pH and EC, one bottle for both',
    hint: 'One point each in the same solution.',
    ph: { ...twoPointPh, cupsPh: [7], oneBottle: true },
    ec: onePointEc,
  },
  {
    id: 'two-dials',
    title: 'pH and EC with two dials',
    hint: 'Zero dial in the 7, slope dial in the 4.',
    ph: { ...twoPointPh, press: dials },
    ec: { ...onePointEc, press: dials },
  },
];

/** What a new pen is called, and how far off it may be found. */
interface NewPen {
  readonly code: string;
  readonly name: string;
  readonly tolerancePolicy?: Pen['tolerancePolicy'];
}

/** A new pen from a profile. */
export function penFromProfile(
  profile: GenericProfile,
  { code, name, tolerancePolicy = 'normal' }: NewPen,
): Pen {
  return {
    code,
    name,
    ph: profile.ph,
    ec: profile.ec,
    display: profile.display,
    checkPolicy: 'weekly',
    tolerancePolicy,
    cleaningPolicy: 'byUse',
    note: '',
  };
}
