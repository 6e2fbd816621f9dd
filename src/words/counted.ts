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

/** From here on a whole number is read in groups of three digits. */
const GROUPS_FROM = 10_000;

/**
 * A whole number as it is read: from ten thousand on in groups of three, a narrow space that no line ends
 * at between them, for a comma or a point there would be read as a decimal mark.
 *
 * @example
 * inGroups(9999); // => '9999'
 * inGroups(12084); // => '12\u202f084'
 */
export function inGroups(count: number): string {
  const digits = String(count);
  return count < GROUPS_FROM ? digits : digits.replace(/\B(?=(\d{3})+$)/g, '\u202f');
}

/** A count with what is counted: "1 check", "2 checks", "0 checks". Whole numbers from 0. */
export function counted(count: number, what: keyof typeof PLURAL): string {
  return `${inGroups(count)} ${count === 1 ? what : PLURAL[what]}`;
}
