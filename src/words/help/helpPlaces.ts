/** The pages of Help: one for each place of the app, and one for the drawings. */
export type HelpPage = 'all' | 'round' | 'tanks' | 'pens' | 'shelf' | 'book' | 'drawings';

/** What a page is called, and what its place is for: first what to do there. */
export const HELP_PAGES: Readonly<
  Record<HelpPage, { readonly label: string; readonly about: readonly string[] }>
> = {
  all: { label: 'Everything', about: [] },
  round: {
    label: 'Round',
    about: [
      'The Round is today’s walk: pens to check, tanks to read, doses to read again. Start with the large button, and it leads from stop to stop.',
      'At a tank type what the pens show. The screen says whether the tank is in its band, how sure that is, and what to do.',
      'After a dose a timer runs at the top. When it ends, the tank stands on the Round again.',
      'A label on a tank opens its Read: print labels from Tanks, Pens or Shelf. “Scan a label” reads them inside Zolder; the five letters on it can be typed instead.',
    ],
  },
  tanks: {
    label: 'Tanks',
    about: [
      'Each tank shows its newest reading against its target band. Open it for its history, its water use and its doses.',
      'Dose says how much of which product to pour now. Pour, wait for the timer, and read the tank twice. The next dose is then planned from what the tank did.',
      'Give each tank its water under “Change the tank”. Alkalinity, calcium and magnesium from the water report make the doses better.',
    ],
  },
  pens: {
    label: 'Pens',
    about: [
      'Each pen shows how far off it is now, and when it needs its next check. Describe the pen by what you see on it: its buttons, its bottles, its display.',
      'A check at the Bench starts with what the pen shows before anything is touched. Then adjust it if it is outside its tolerance, and dip once more.',
      'A pen that dried out, was opened or fell is not trusted until its next check. Log what happened under Care.',
    ],
  },
  shelf: {
    label: 'Shelf',
    about: [
      'The Shelf holds your buffers, EC standards, storage solution and cleaner, with lot number and date. The Bench takes 20 mL off the bottle you use.',
      'pH products stand here too. Type the strength from the label: doses are then planned in mL of that very bottle.',
      'The shopping list names what is empty, past its date, or soon will be.',
    ],
  },
  book: {
    label: 'Book',
    about: [
      'Every reading, check, dose and change stands in the Book by time, with who wrote it.',
      'A mistake is amended or voided with a reason. The old entry stays readable beside the new one.',
      'Save the whole book as one file from Settings, at least once a month. A lost phone then costs nothing.',
      'For use on a phone, without network: Settings → Phones.',
      'Several phones of one house share a book: Settings → Together. What others did today stands on the Round with who and when.',
    ],
  },
  drawings: { label: 'Drawings', about: [] },
};

/** The pages of Help by their names in an address. */
export const HELP_PAGE_NAMES = Object.keys(HELP_PAGES) as readonly HelpPage[];

/** Whether a text holds every word that was typed; everything holds nothing. */
export function holdsWords(text: string, typed: string): boolean {
  const here = text.toLowerCase();
  return typed
    .toLowerCase()
    .split(/\s+/)
    .every((word) => here.includes(word));
}
