/** What an act did, where nothing more need be told of it. */
export type PlainlyDone =
  | 'checkDiscarded'
  | 'checkBegunAnew'
  | 'settingChanged'
  | 'probeFitted'
  | 'booked'
  | 'soakOver'
  | 'compared'
  | 'controlRead'
  | 'pouredForEc'
  | 'waterToppedUp'
  | 'waterChanged'
  | 'waterDrained'
  | 'doseLeftOut'
  | 'doseCounts'
  | 'tookWhatFits'
  | 'mixed'
  | 'passedBy'
  | 'lotChanged'
  | 'lotAdded'
  | 'usedUp'
  | 'opened'
  | 'lotRemoved'
  | 'sachetsMixed'
  | 'ordered';

/** What an act did to something with a name: a pen's code, a tank, a product, a file. */
export type DoneTo =
  | 'added'
  | 'changed'
  | 'checked'
  | 'foundKept'
  | 'penGone'
  | 'penBack'
  | 'penPutAway'
  | 'profileKept'
  | 'tankRetired'
  | 'tankBack'
  | 'learnedForgotten'
  | 'tableTaken';

/** What an act did; `words/acts/doneSentence.ts` says it. */
export type Done =
  | { readonly what: PlainlyDone }
  | { readonly what: DoneTo; readonly name: string }
  /** The first pen and the first tank. */
  | { readonly what: 'setUp'; readonly pen: string; readonly tank: string }
  /** `amount` is how the screen wrote it, with its unit. */
  | {
      readonly what: 'poured' | 'pouredByJar';
      readonly amount: string;
      readonly product: string;
    }
  | { readonly what: 'standing'; readonly minutes: number }
  /** `told` is what the screen had said that would change by it. */
  | { readonly what: 'amended' | 'voided'; readonly told: string };
