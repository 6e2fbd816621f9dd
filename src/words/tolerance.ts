import type { TolerancePolicy } from '@/core/calibration';

/** How far off a pen may be found and still count as good, as it is chosen. */
export const TOLERANCE_OPTIONS: readonly {
  readonly value: TolerancePolicy;
  readonly label: string;
  readonly hint: string;
}[] = [
  { value: 'laboratory', label: 'laboratory', hint: '±0.02 pH, 2 % EC' },
  { value: 'normal', label: 'normal', hint: '±0.05 pH, 3 % EC' },
  { value: 'relaxed', label: 'relaxed', hint: '±0.1 pH, 5 % EC' },
];
