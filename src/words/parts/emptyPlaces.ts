/** What a place shows once something stands in it; the examples are made up. */
export interface EmptyPlaceSays {
  readonly title: string;
  readonly text: string;
  readonly examples: readonly {
    readonly code: string;
    readonly name: string;
    readonly line: string;
    /** A pH in its band, drawn. */
    readonly ph?: { readonly value: number; readonly verdict: 'in' | 'high' };
  }[];
}

/** The places of the app while they are empty. */
export type EmptyPlaceName = 'round' | 'tanks' | 'pens' | 'shelf' | 'book';

/** What a place says while nothing is in it. */
export const emptySays = {
  setUp: 'Set up a pen and a tank',
  example: 'An example, not your book:',
  notchSaid: (value: string) => `An example: pH ${value} in a band from 5.50 to 6.50.`,
} as const;

const BASIL = {
  code: '1',
  name: 'Basil tables',
  line: '6.12 ± 0.08 pH · in band',
  ph: { value: 6.12, verdict: 'in' },
} as const;
const MINT = {
  code: '2',
  name: 'Mint trough',
  line: '6.94 ± 0.08 pH · high: correct it',
  ph: { value: 6.94, verdict: 'high' },
} as const;

/** The empty place of each name. */
export const EMPTY_PLACES: Readonly<Record<EmptyPlaceName, EmptyPlaceSays>> = {
  round: {
    title: 'What opens here',
    text: 'The Round lists what is due today: pens to check, tanks to read, doses to read again. Whatever is next stands open here.',
    examples: [
      { code: 'P1', name: 'Pocket pen', line: 'Check due: last check 7 d ago' },
      BASIL,
      MINT,
    ],
  },
  tanks: {
    title: 'What stands here',
    text: 'Each tank with its target band and its newest reading, corrected for the pen that took it, with its ±.',
    examples: [BASIL, MINT],
  },
  pens: {
    title: 'What stands here',
    text: 'Each pen with how far off it reads, with its ±, and the day of its next check.',
    examples: [
      { code: 'P1', name: 'Pocket pen', line: 'Ready · +0.04 ± 0.05 pH · check by Fri 4 Dec' },
      { code: 'P2', name: 'EC pen', line: 'Check due · −2.1 ± 1.9 %' },
    ],
  },
  shelf: {
    title: 'What stands here',
    text: 'Each bottle and sachet with its lot number, its date, and how many checks it still serves. A check takes its portion off.',
    examples: [
      { code: '7.00', name: '7.00 buffer', line: '10 calibrations left · good until 26 Jan 2027' },
      { code: '4.01', name: '4.01 buffer', line: '2 calibrations left · running low' },
    ],
  },
  book: {
    title: 'What stands here',
    text: 'Everything that was read, checked, poured and cleaned, newest first. An entry can be amended openly; nothing is wiped out.',
    examples: [
      { code: '07:40', name: 'P1 checked', line: 'found +0.03 pH · left as it is · AB' },
      { code: '07:52', name: 'Basil tables', line: '6.12 ± 0.08 pH · 1.42 ± 0.04 mS/cm · AB' },
    ],
  },
};
