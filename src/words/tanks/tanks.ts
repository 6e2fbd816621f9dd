import type { Told } from '../told';

/** All tanks, their order, compared. */
export const tanksSays = {
  loadingTanks: 'Loading tanks',
  tanks: 'Tanks',
  whatStandsHere:
    'Each nutrient tank stands here with its target band and its newest reading. Add the first one.',
  orderOfTheRound: 'Order of the Round',
  outOfUse: (line: string) => `Out of use. ${line}`,
  shownAs: 'Shown as',
  table: 'Table',
  strips: 'Strips',
  tableHint: 'Corrected values. Press a head to sort, a name to open.',
  week: 'Week',
  fourWeeks: '4 weeks',
  season: 'Season',
  print: 'Print',
  readBy: (pens: string) => `read by ${pens}`,
  notReadInThisSpan: 'not read in this span',
  stripSaid: ({ quantity, name, readings }: Told<'quantity' | 'name' | 'readings'>) =>
    `${quantity} of ${name}, ${readings} in this span.`,
  done: 'Done',
  asYouWalkDragByThe:
    'As you walk. Drag by the number, or use the arrows; each move is kept at once.',
  nameOutOfUse: (name: string) => `${name} (out of use)`,
} as const;
