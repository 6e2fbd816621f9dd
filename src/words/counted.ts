/** What texts count; each with its plural, by which one rule is kept everywhere. */
const PLURAL = {
  calibration: 'calibrations',
  check: 'checks',
  cup: 'cups',
  day: 'days',
  dose: 'doses',
  'dose plan': 'dose plans',
  drop: 'drops',
  entry: 'entries',
  hour: 'hours',
  lot: 'lots',
  minute: 'minutes',
  pen: 'pens',
  pour: 'pours',
  'other reading': 'other readings',
  portion: 'portions',
  reading: 'readings',
  sachet: 'sachets',
  save: 'saves',
  sitting: 'sittings',
  stop: 'stops',
  tank: 'tanks',
} as const;

/** A count with what is counted: "1 check", "2 checks", "0 checks". Whole numbers from 0. */
export function counted(count: number, what: keyof typeof PLURAL): string {
  return `${count} ${count === 1 ? what : PLURAL[what]}`;
}
