/** A place without a tank: a pot, a bed, a slab, a drain. */
export const spotSays = {
  aNewPlace: 'A place without a tank',
  what: 'A pot, a bed, a slab or a drain. It is read by one method, so that its numbers can be compared.',
  name: 'Name',
  nameHint: 'As people call it: Rosemary pots, Bed 3, Drain of row 2.',
  howRead: 'How is it read?',
  bandsHint:
    'Bands of substrate and drain are your own: none is shipped as fact. Leave both fields of a pair empty for no band.',
  note: 'Note',
  add: 'Add the place',
  save: 'Save the place',
  standsFor: (minutes: number) => `This sample stands ${minutes} min before it is read.`,
  start: (minutes: number) => `It stands now: start ${minutes} min`,
  standsUntil: (clock: string) => `It stands until ${clock}. Then stir and read.`,
  standsLongEnough: 'It has stood long enough: stir and read.',
} as const;
