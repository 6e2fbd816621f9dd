/** A reading that was just saved. */
export const savedSays = {
  theRound: 'The Round',
  title: (name: string, sample: string) => `Saved · ${name}${sample}`,
  whileMixing: (clock: string) =>
    `Read while mixing: it teaches nothing. The dose is mixed at ${clock}.`,
  expectedAndIs: (promisedPh: string, value: string) =>
    `After the dose, pH ${promisedPh} was expected. It is pH ${value}.`,
} as const;
