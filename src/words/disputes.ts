/** A question the trade disagrees on: the schools, what Zolder does by itself and why, and the other side. */
export interface Dispute {
  readonly question: string;
  readonly schools: readonly string[];
  /** What Zolder starts with, and its reason. */
  readonly why: string;
  /** What the others do, and theirs. */
  readonly others: string;
}

/** Where people disagree; both sides are supported. */
export const DISPUTES = {
  rinseWater: {
    question: 'Rinse water',
    schools: ['clean tap water', 'distilled or deionised'],
    why: 'Tap water rinses as well and is at hand.',
    others: 'Some rinse with pure water only, so that no lime goes into a cup. Never to store.',
  },
  drying: {
    question: 'Drying between points',
    schools: ['shake', 'blot', 'towel'],
    why: 'Shake or blot: rubbing charges the glass and the number wanders.',
    others: 'Some use a soft towel, so that no drop thins the next cup.',
  },
  pointOrder: {
    question: 'Order of points',
    schools: ['7, 4, 10', '7, 10, 4', '6.86, 4, 9.18', '4, 7 on dials'],
    why: 'Neutral first: it sets the zero, and most pens refuse anything else.',
    others: 'Some go 7, 10, 4, to end nearest the work; on two dials some set 4 and then 7.',
  },
  pointCount: {
    question: 'Number of points',
    schools: ['one, quick', 'two', 'three'],
    why: 'Two bracket the work between pH 5 and 7.',
    others:
      'One is quicker, but the slope stays unknown and the ± grows; three pay where samples run above 8.',
  },
  frequency: {
    question: 'How often',
    schools: ['every use', 'daily', 'weekly', 'monthly', 'when doubted', 'by own drift'],
    why: 'Each week check first, adjust only if out: adjusting a good pen adds noise.',
    others:
      'Some adjust before every use for safety; some only when its mark goes out or in doubt, to spare buffers.',
  },
  storage: {
    question: 'Storage liquid',
    schools: ['potassium chloride solution', 'pH 4 or 7 buffer', 'tap water', 'damp paper'],
    why: 'Potassium chloride solution keeps glass wet and reference full.',
    others:
      'Buffer, damp paper or tap water do for a day; some call tap water harmful. Pure water never.',
  },
  cleaningSoak: {
    question: 'Half an hour in cleaner',
    schools: ['as a routine', 'only for stubborn dirt'],
    why: 'For stubborn dirt only, after the as-found check: cleaner moves the reading.',
    others: 'Some make it a weekly or monthly routine, so that dirt never builds up.',
  },
  ecAdjust: {
    question: 'EC: adjust or verify',
    schools: ['adjust at one point', 'verify only'],
    why: 'The pen decides: what its factory set is only verified, for a low value is nearly always a dirty face.',
    others: 'Where the pen allows it some adjust each time, so that its display is right at once.',
  },
  tolerance: {
    question: 'Tolerance',
    schools: ['±0.01 to 0.03', '±0.05', '±0.1'],
    why: 'Normal, ±0.05 pH, is what buffer, pen and hand can hold; never below the display’s digit.',
    others:
      'Laboratory habits ask for 0.02, a buffer’s own tolerance; others take 0.1: crops bear it.',
  },
  acidOrder: {
    question: 'Acid before or after nutrients',
    schools: ['before: salts stay dissolved', 'after: nutrients pull the pH down themselves'],
    why: 'Nutrients first pull the pH down themselves: less acid, and no alkalinity need be known.',
    others:
      'Acid first keeps salts dissolved in hard water; it needs a water whose alkalinity is known.',
  },
  knownWater: {
    question: 'Tap water of “known” pH as a reference',
    schools: ['buffers only', 'tap water, to save money'],
    why: 'Refused: any value near 7 is luck, and people conclude wrongly both ways.',
    others: 'To spare buffer, look in one cup only, or keep a house control from a second lot.',
  },
  cleaningInterval: {
    question: 'Cleaning interval',
    schools: ['before each session', 'weekly', 'monthly'],
    why: 'By use: weekly above twenty readings a week, else monthly; always when slow or off.',
    others: 'Some clean at each check, after the as found; some by the calendar, for the habit.',
  },
} as const satisfies Record<string, Dispute>;

export type DisputeId = keyof typeof DISPUTES;
