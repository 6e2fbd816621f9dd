/** Where one can go from an entry of the Book. */
export const linkSays = {
  heading: 'Goes with it',
  tank: (name: string) => name || 'Tank',
  pen: (name: string) => `Pen ${name}`.trim(),
  lot: (code: string) => (code ? `Lot ${code}` : 'The lot'),
  checkBefore: (pen: string, side: string, day: string) =>
    `Rests on the ${side} check of ${pen}, ${day}`,
  checkAfter: (pen: string, side: string, day: string) => `Next ${side} check of ${pen}, ${day}`,
  madeOn: 'The reading it was made on',
  lookBack: 'What it found out about readings before',
  uses: (code: string) => (code ? `Every use of lot ${code}` : 'Every use of this lot'),
} as const;
