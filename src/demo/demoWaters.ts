import type { BodyOf } from '@/records';

/** The two waters of the glasshouse and how they are mixed. */
export const DEMO_WATERS: readonly { readonly body: BodyOf<'water'>; readonly share: number }[] = [
  {
    body: {
      name: 'town water',
      basis: 'report',
      ecMsPerCm: 0.52,
      // 165 mg/L as CaCO3.
      alkalinityMmolPerL: 3.3,
      ph: 7.6,
      note: 'Hard; from the supplier’s report.',
    },
    share: 0.7,
  },
  {
    body: {
      name: 'rain butt',
      basis: 'measured',
      ecMsPerCm: 0.03,
      alkalinityMmolPerL: 0.1,
      note: '',
    },
    share: 0.3,
  },
];
