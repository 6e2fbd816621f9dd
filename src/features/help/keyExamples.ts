import type { StripFlag, StripSpec } from '@/ui/chart';

/** Ten made-up days: a key draws the marks by the same hand as the charts. */
const DAY_MS = 86_400_000;
const day = (days: number) => days * DAY_MS;
const DOMAIN = [0, day(10)] as const;

/** A tank that rose out of its band and was dosed, with one reading that a check corrected. */
export const HISTORY_EXAMPLE: { readonly spec: StripSpec; readonly flags: readonly StripFlag[] } = {
  spec: {
    domain: DOMAIN,
    points: [
      { atMs: day(1), value: 6, expandedU: 0.12 },
      { atMs: day(3.5), value: 6.25, expandedU: 0.12, shown: 6.7 },
      { atMs: day(6), value: 6.7, expandedU: 0.12 },
      { atMs: day(8.5), value: 5.9, expandedU: 0.12 },
    ],
    band: [{ fromMs: 0, low: 5.5, high: 6.5 }],
    leastSpan: 1,
  },
  flags: [
    { atMs: day(2.2), kind: 'water' },
    { atMs: day(6.2), kind: 'dose' },
    { atMs: day(9.2), kind: 'stage' },
  ],
};

/** A pen that drifted out of its tolerance, was adjusted, and had a fall since. */
export const PEN_EXAMPLE: { readonly spec: StripSpec; readonly flags: readonly StripFlag[] } = {
  spec: {
    domain: DOMAIN,
    points: [
      { atMs: day(0.5), value: 0.01 },
      { atMs: day(4), value: 0.08 },
      { atMs: day(4), value: 0 },
    ],
    joined: false,
    band: [{ fromMs: 0, low: -0.05, high: 0.05 }],
    cloud: [
      { atMs: day(0), value: 0, half: 0.02 },
      { atMs: day(4), value: 0.08, half: 0.02 },
      { atMs: day(4), value: 0, half: 0.02 },
      { atMs: day(7), value: 0.02, half: 0.04 },
      { atMs: day(10), value: 0.04, half: 0.09 },
    ],
    leastSpan: 0.15,
  },
  flags: [
    { atMs: day(7), kind: 'incident' },
    { atMs: day(8.6), kind: 'due' },
  ],
};
