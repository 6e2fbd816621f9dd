import type { Told } from '../told';

/** EC by stock or water, and the recipe of a fill. */
export const ecSays = {
  loadingTheEc: 'Loading the EC',
  pouredStartMixing: 'Poured, start mixing',
  title: (name: string) => `EC · ${name}`,
  shownAndBand: ({
    value,
    margin,
    unit,
    low,
    high,
  }: Told<'value' | 'margin' | 'unit' | 'low' | 'high'>) =>
    `${value} ± ${margin} ${unit}, band ${low} to ${high}, `,
  volumeOf: ({ shown, volume, most }: Told<'shown' | 'volume' | 'most'>) =>
    `${shown}${volume} of at most ${most}`,
  aimMessage: (unit: string, most: string) => `An EC in ${unit}, up to ${most}.`,
  eachAdds: '1 mL/L of each adds',
  eachAddsMessage: ({ unit, low, high }: Told<'unit' | 'low' | 'high'>) =>
    `In ${unit}: mostly between ${low} and ${high}.`,
  fromLabel: 'From the label of your stock. What this tank’s own pours teach goes before it.',
  ecOfYourWater: 'EC of your water',
  neverTogether:
    'Stock A and B never together undiluted: they set into sludge. Each into the tank by itself.',
  caution:
    'Gloves; the label and its safety data sheet come first. Drained feed goes where local rules say.',
  orPourALittleAndRead: 'Or pour a little and read again',
  bookWhatWentIn: (ml: string) =>
    `Book what went in: the next reading tells what your stock adds, and from then on it is planned. Begin with little, about ${ml} mL of each.`,
  ofEach: 'Of A and of B each',
  amountNeeded: 'An amount in mL, above zero.',
} as const;
