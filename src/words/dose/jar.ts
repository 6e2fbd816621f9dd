import type { Told } from '../told';

/** The jar test. */
export const jarSays = {
  takeALitreOfTheTank:
    '1. Take a litre of the tank in a plastic jug. 2. Dilute the product: one part in all the parts below. 3. Count how many drops make one mL of your dropper. 4. A few drops, stir, wait until still, write the pH; again, until it passes the aim.',
  sample: 'Sample',
  onePartIn: 'One part in',
  dropsInAMl: 'Drops in a mL',
  aimPh: 'Aim, pH',
  aimMessage: 'A pH from 4 to 9; the middle of the band until then.',
  dropsInAll: (place: number) => `Drops in all, ${place}`,
  dropsMessage: 'A count of drops.',
  phAt: (place: number) => `pH, ${place}`,
  phMessage: 'A pH from 0 to 14.',
  pourFirst: 'pour first',
  asMixedForTheTest: 'as mixed for the test',
  pourAndWhy: ({
    how,
    ph,
    inAll,
    drops,
    aimPh,
    sampleL,
    times,
  }: Told<'how' | 'ph' | 'inAll' | 'drops' | 'aimPh' | 'sampleL' | 'times'>) =>
    `${how}, to about pH ${ph}; then re-read. In all ${inAll} for the tank: ${drops} drops reach ${aimPh} in ${sampleL} L, and it holds ${times} times that.`,
  loadingTheJarTest: 'Loading the jar test',
  byJarTest: (why: string) => `By a jar test. ${why}`,
  pouredOf: (amount: string, product: string) => `Poured ${amount} of ${product}`,
  title: (name: string) => `Jar test · ${name}`,
  product: 'Product',
  needsPhPen: 'A jar test needs a pH pen: add it under Pens.',
  writeWhatItShows: 'Write what it shows; its known error is taken off.',
  takeANewSample: 'Take a new sample',
} as const;
