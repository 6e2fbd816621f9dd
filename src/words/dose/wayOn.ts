/** Where a refused dose leads on to, as its button says it. */
export const wayOnSays = {
  readIt: 'Read it',
  readItAgain: 'Read it again',
  check: (pen: string) => `Check ${pen}`,
  ec: 'EC: stock or water',
} as const;
