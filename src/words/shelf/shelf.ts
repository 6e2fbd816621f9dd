import { counted } from '../counted';

/** The Shelf. */
export const shelfSays = {
  loadingTheShelf: 'Loading the Shelf',
  allInDate: 'All in date.',
  pastDate: (past: number, whose: string) => `${past} past ${whose} date.`,
  addALot: 'Add a lot',
  shelf: 'Shelf',
  whatStandsHere:
    'Your bottles and sachets, with how long they are good and how many calibrations they still hold.',
  usedUp: (count: number) => `Used up: ${counted(count, 'lot')}`,
  toBuy: 'To buy',
  mlLeft: (left: number) => `${left} mL left`,
  lotNumber: (lotCode: string) => `lot ${lotCode}`,
  noLotYet: 'No bottle on the Shelf yet',
} as const;
