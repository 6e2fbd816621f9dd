/** The first minutes. */
export const welcomeSays = {
  yourRoundStartsHere: 'Your round starts here.',
  aNumberOnAPenIs:
    'A number on a pen is an estimate made by an ageing instrument. Zolder knows how far each pen is off. For every tank it shows the true value with its ±, and whether to act.',
  setUpYourOwn: 'Set up your own',
  setUpText: 'A pen, a tank, a first reading: under three minutes.',
  demoText: 'A made-up glasshouse with seven months behind it. Nothing there touches your book.',
  everythingStaysOnThisDevice: 'Everything stays on this device. Nothing is sent anywhere.',
} as const;
