import type { BudgetSource } from '@/core/uncertainty';

/** Each part of a ±: what it is, and what would shrink it. */
export const BUDGET_WORDS: Readonly<Record<BudgetSource, { what: string; shrink: string }>> = {
  drift: { what: 'drift since the pen’s checks', shrink: 'Check the pen today.' },
  standards: {
    what: 'tolerance of the buffers or standard',
    shrink: 'Use liquids with a tighter label.',
  },
  digit: { what: 'last digit of the display', shrink: 'Only a finer display would.' },
  cupDigit: { what: 'last digit at the cups', shrink: 'Only a finer display would.' },
  cupTemperature: {
    what: 'temperature of the cups, ±1 °C',
    shrink: 'Let cups and probe stand together first.',
  },
  gainUnknown: { what: 'slope unknown: checked in one buffer', shrink: 'Check in two buffers.' },
  residual: { what: 'what the points leave over', shrink: 'Repeat the points.' },
  repeat: { what: 'scatter of repeated dips', shrink: 'Read twice and average.' },
  junction: { what: 'junction: buffer and feed differ', shrink: 'Nothing a grower can do.' },
  noTemperatureCompensation: {
    what: 'no temperature compensation',
    shrink: 'Enter the tank’s temperature.',
  },
  thermometer: { what: 'thermometer, ±0.5 °C', shrink: 'Let the reading stand longer.' },
  feedCoefficient: { what: 'the feed’s temperature coefficient', shrink: 'Read nearer 25 °C.' },
  linearCompensation: { what: 'straight-line compensation', shrink: 'Read nearer 25 °C.' },
  tellsNothing: {
    what: 'the pen showed almost the same in every cup: it tells nothing',
    shrink: 'Soak and clean its probe, then check it; a dead probe is replaced.',
  },
  makersAccuracy: { what: 'never checked: the maker’s accuracy', shrink: 'Check the pen.' },
};
