/** All pens. */
export const pensSays = {
  loadingPens: 'Loading pens',
  pens: 'Pens',
  whatStandsHere:
    'Every handheld pen stands here with what its numbers are worth today. Add the first one.',
  state: 'State',
  error: 'Error',
  lastCheck: 'Last check',
  next: 'Next',
} as const;
