import type { Told } from '../told';

/** Why a dose is what it is. */
export const whySays = {
  workingItOut: 'Working it out',
  title: (name: string) => `Why this much · ${name}`,
  whyTheFirstStepIsSmall: 'Why the first step is small',
  manyTanks:
    'Many different tanks would show the reading yours does. Zolder plans for the weakest of them. The chance to pass the far edge, or to move more than 0.9 pH at once, stays below 1 in 100. Each new reading rules some of them out, and the next step can be larger.',
  whatConcentratedMeans: (name: string) => `What concentrated means: ${name}`,
  percentExplained: ({
    gPerMl,
    percent,
    productGPerMl,
    mmolPerMl,
    naiveGPerMl,
    tooLargePercent,
  }: Told<
    'gPerMl' | 'percent' | 'productGPerMl' | 'mmolPerMl' | 'naiveGPerMl' | 'tooLargePercent'
  >) =>
    `1 mL weighs ${gPerMl} g, and ${percent} % of that is the product itself: ${productGPerMl} g, or ${mmolPerMl} mmol. Reading “${percent} %” as ${naiveGPerMl} g per mL would make every dose ${tooLargePercent} % too large.`,
  inThisTank: (name: string) => `${name} in this tank`,
  meqOfEach: ({ meq, meqPerL, volume }: Told<'meq' | 'meqPerL' | 'volume'>) =>
    `: ${meq} meq, ${meqPerL} for each of ${volume}`,
  nowAndInAll: ({
    first,
    meq,
    full,
    aimPh,
    believed,
  }: Told<'first' | 'meq' | 'full' | 'aimPh' | 'believed'>) =>
    `${first} now${meq}. In all ${full} as likely as not reach ${aimPh}. ${believed}`,
  whyNotAllProtonsCount: 'Why not all protons count',
  protonsGiven: ({
    acid,
    protons,
    aimPh,
    given,
  }: Told<'acid' | 'protons' | 'aimPh' | 'given', string | number>) =>
    `A molecule of ${acid} has ${protons}. At this tank’s aim of ${aimPh} it gives off ${given} of them.`,
  whyHardWaterComesBack: 'Why hard water comes back',
  giveItsWaters:
    'Give this tank its waters with their alkalinity, and this is worked out with your own numbers.',
  hardWaterExplained: ({
    alkalinity,
    aimPh,
    acidMeqPerL,
    acid,
    airedPh,
    lessMeqPerL,
    lessMixedPh,
    lessAiredPh,
  }: Told<
    | 'alkalinity'
    | 'aimPh'
    | 'acidMeqPerL'
    | 'acid'
    | 'airedPh'
    | 'lessMeqPerL'
    | 'lessMixedPh'
    | 'lessAiredPh'
  >) =>
    `Your water holds ${alkalinity} of alkalinity. To pH ${aimPh} it takes ${acidMeqPerL} meq/L of ${acid}. It turns alkalinity into carbon dioxide, which keeps the pH low until it has aired out. Then the water stands at pH ${airedPh}. With ${lessMeqPerL} meq/L less acid it stands at pH ${lessMixedPh} at first and airs to pH ${lessAiredPh}.`,
  acid: 'acid',
} as const;
