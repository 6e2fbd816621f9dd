import type { Verdict } from '@/core/verdict';
import type { StripFlag, StripSpec } from '@/ui/chart';
import { helpSays, HISTORY_KEY, PEN_KEY } from '@/words/help/help';
import { holdsWords } from '@/words/help/helpPlaces';

/** A reading in its band as the key draws it, with what is said of it. */
interface KeyReading {
  readonly value: number;
  readonly expandedU: number;
  readonly verdict: Verdict;
  readonly drawn: string;
  readonly says: readonly string[];
}

/** A chart of the key, with what is said of its marks. */
interface KeyChart {
  readonly of: 'history' | 'pen';
  readonly title: string;
  readonly drawn: string;
  readonly says: readonly string[];
  readonly spec: StripSpec;
  readonly flags: readonly StripFlag[];
}

/** What the key shows: readings in a band, and charts. */
export interface DrawingsKeyProps {
  readonly readings: readonly KeyReading[];
  readonly charts: readonly KeyChart[];
}

/** Ten made-up days: a key draws the marks by the same hand as the charts. */
const DAY_MS = 86_400_000;
const day = (days: number) => days * DAY_MS;
const DOMAIN = [0, day(10)] as const;

/** A tank that rose out of its band and was dosed, with one reading that a check corrected. */
const HISTORY_EXAMPLE: Pick<KeyChart, 'spec' | 'flags'> = {
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
const PEN_EXAMPLE: Pick<KeyChart, 'spec' | 'flags'> = {
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

/** A reading in each of the positions it can have. */
const READINGS: readonly Omit<KeyReading, 'drawn'>[] = [
  { value: 6, expandedU: 0.1, verdict: 'in', says: [helpSays.markIn, helpSays.markWidth] },
  { value: 6.45, expandedU: 0.12, verdict: 'probablyIn', says: [helpSays.markProbably] },
  { value: 6.9, expandedU: 0.1, verdict: 'high', says: [helpSays.markOut] },
  { value: 6.1, expandedU: 0.7, verdict: 'cantTell', says: [helpSays.markCantTell] },
];

const CHARTS: readonly KeyChart[] = [
  {
    of: 'history',
    title: helpSays.historyTitle,
    drawn: helpSays.historyDrawn,
    says: HISTORY_KEY,
    ...HISTORY_EXAMPLE,
  },
  {
    of: 'pen',
    title: helpSays.penTitle,
    drawn: helpSays.penDrawn,
    says: PEN_KEY,
    ...PEN_EXAMPLE,
  },
];

/** The drawings of which something is said in these words; all of them for no words. */
export function drawingsOf(typed: string): DrawingsKeyProps {
  const holds = ({ says }: { readonly says: readonly string[] }) =>
    holdsWords(says.join(' '), typed);
  return {
    readings: READINGS.filter(holds).map((reading) => ({
      ...reading,
      drawn: helpSays.drawing(reading.says[0]!),
    })),
    charts: CHARTS.filter(holds),
  };
}
