import { counted } from '../counted';

/** The Bench before the first dip: cups, liquids, temperature. */
export const prepareSays = {
  pureWater: 'pure water',
  cleanTapWater: 'clean tap water',
  temperatureOfCups: 'temperature of the cups',
  unknownBuffer: (nominal: string) =>
    `No value is known for a ${nominal} buffer: put it on the Shelf with the table of its label.`,
  startWithAsFound: 'Start with as found',
  check: (code: string) => `Check ${code}`,
  cupsAndMinutes: (cups: number) =>
    `${counted(cups, 'cup')}, about 2 minutes for each. First what it shows now, before anything is touched.`,
  ecFirst:
    'EC first: the storage liquid is strong salt, and a drop of it spoils the standard. pH comes after.',
  phFirst:
    'pH first, EC after. Rinse the probe well between: buffer and storage liquid are strong salt.',
  letTemperaturesMeet:
    'Temperature of the cups. Let portions, probe and room come to the same: the right number depends on it.',
  freshPortions: 'fresh portions',
  aFreshPortion: 'a fresh portion',
  pourIntoCups: (portions: string) => `Pour ${portions} into plastic cups:`,
  howMuch: 'How much?',
  checkAdjustIfOut: 'check, adjust if out',
  theUsual: 'the usual',
  onlyLookAllCups: 'only look, all cups',
  adjustsNothing: 'adjusts nothing',
  onlyLookOneCup: 'only look, one cup',
  onlyLook: 'only look',
  offsetOnly: 'shows how far off it is near this value only',
  noInDateBottle: (liquids: string) => `You have no in-date bottle for: ${liquids}.`,
  shelfHoldsEnoughFor: (sittings: number) =>
    `The Shelf holds enough for ${counted(sittings, 'check')} like this.`,
  neverDipInBottle: (rinse: string) =>
    `Never dip in the bottle, and never pour back. Rinse with fresh ${rinse}. Take the cap off upright.`,
  wouldTapWaterDoInstead: 'No buffer? Would tap water do instead?',
  whyNotTapWater:
    'No. Tap water has no known value, and distilled water in air drifts to about 5.6; any value near 7 is luck. People test pens this way and conclude wrongly, both ways. One cup of buffer takes about two minutes and tells.',
  thenOnlyOneCup: 'Then only look, one cup',
  noBufferCompare: 'No buffer left: compare with a checked pen',
  wasProbeCleaned: 'Was the probe cleaned or soaked since its last reading?',
  notCleanedHint: 'good: this check tells how wrong it was',
  cleanedHint: 'marked “after cleaning”',
  knownFromBook: (what: string, when: string) => `${what} ${when}, as the book says`,
  whatIsItSetTo: 'What is the pen set to now?',
  setToOneBottle: 'one bottle for pH and EC',
  oneBottleHint: 'one cup, one press, both values',
  setToPoints: 'separate buffers',
  pointsHint: 'pH here, EC by itself',
  oneCupForBoth: 'One cup serves both sides: dip once, then type both values.',
  readsAbove8: ({ count, of, third }: { count: number; of: number; third: string }) =>
    `${count} of the last ${counted(of, 'reading')} with this pen lay above 8 pH. Two points do not reach that far: add the ${third}, if the pen takes three.`,
  thirdOnShelf: (third: string) =>
    `The ${third} is on your Shelf too. Two points are enough below 8 pH; with the third the pen is also right above.`,
  thirdTaken: (third: string) =>
    `The ${third} is the third cup of this check. Set the pen to three points.`,
  addThird: (third: string) => `Add the ${third} to this check`,
  withoutThird: (third: string) => `Without the ${third}`,
  mixedThird: (third: string) => `Mixed the ${third} too: put it on the Shelf`,
  inItsSoak: (when: string) => `It is in its soak until ${when}.`,
  soakHint:
    'A probe taken out early settles slowly and may move again. Checked now it counts, and the soak ends.',
  soakEnds: 'Take it out: the soak ends',
  howToMixSachets: 'How to mix powder sachets',
  howToMix: (sachetMl: number) =>
    `1. A clean plastic cup and exactly ${sachetMl} mL of distilled water for each sachet (or the volume on the sachet itself). 2. Pour the powder in, tap the last grains out. 3. Stir until every grain has gone; rinse the spoon between sachets. 4. Write the value and today’s date on each cup. It is good for 30 days, and its own value is a little less sure than a bottle’s.`,
  sachetCaution:
    'No eating or drinking near them, wash hands, keep from children; never into a drinking bottle.',
  sachetsOnShelf: 'On the Shelf. The next check takes its portions from them.',
  mixedPutOnShelf: (names: string) => `Mixed now: put ${names} on the Shelf`,
} as const;
