import type { BudgetSource } from '@/core/uncertainty';

/** Each part of a ±: what it is, and what would shrink it. */
export const BUDGET_WORDS: Readonly<Record<BudgetSource, { what: string; shrink: string }>> = {
  drift: { what: 'drift between and since the pen’s checks', shrink: 'Check the pen today.' },
  standards: {
    what: 'tolerance of the buffers or standard',
    shrink: 'Use liquids with a tighter label.',
  },
  digit: { what: 'last digit of the display', shrink: 'Only a finer display would.' },
  check: {
    what: 'what its checks leave open: dips, cups, slope',
    shrink: 'Check it in two cups; each check tells more.',
  },
  repeat: { what: 'spread of repeated dips', shrink: 'Read twice and average.' },
  junction: { what: 'junction: buffer and feed differ', shrink: 'Nothing a grower can do.' },
  noTemperatureCompensation: {
    what: 'no temperature compensation',
    shrink: 'Enter the tank’s temperature.',
  },
  thermometer: { what: 'thermometer, ±0.5 °C', shrink: 'Let the reading stand longer.' },
  feedCoefficient: { what: 'the feed’s temperature coefficient', shrink: 'Read nearer 25 °C.' },
  linearCompensation: { what: 'straight-line compensation', shrink: 'Read nearer 25 °C.' },
  makersAccuracy: { what: 'never checked: the maker’s accuracy', shrink: 'Check the pen.' },
};
