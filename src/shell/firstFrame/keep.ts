import { drawnAs } from './drawnAs';

/** What `public/boot.js` reads before the app is there. */
const LOOK_KEY = 'zolder-look';
const ROUND_KEY = 'zolder-round';

/** The most that is kept of a Round, characters. */
const MOST_CHARS = 10_000;

function keep(key: string, value: object): void {
  try {
    localStorage.setItem(key, JSON.stringify(value));
  } catch {
    // Without it the frame is drawn in daylight, and without the last Round.
  }
}

/** How the page looks on this device and which book is open. */
export interface Look {
  readonly theme: string;
  readonly textScale: number;
  readonly book: 'own' | 'demo';
}

/** Keeps how the page looks for the next opening. */
export const keepLook = (look: Look): void => keep(LOOK_KEY, look);

/** Forgets the Round that was kept: what it showed may be erased, or is another book's. */
export function forgetRound(): void {
  try {
    localStorage.removeItem(ROUND_KEY);
  } catch {
    // Then nothing was kept either.
  }
}

/**
 * Keeps the Round as it is drawn now, for the moment before the app is there: all that is seen of it, or
 * on a wide page the list alone; where even that is too long it forgets the last one.
 * @param elements what is drawn between the head and the places
 * @param about whether the page is wide, the size of its text, and what is said of the age
 */
export function keepRound(
  elements: readonly Element[],
  about: { readonly wide: boolean; readonly textScale: number; readonly told: string },
): void {
  const bottomPx = window.innerHeight;
  for (const emptied of about.wide ? [undefined, 'main'] : [undefined]) {
    const held = { ...drawnAs(elements, { bottomPx, emptied }), ...about };
    if (JSON.stringify(held).length <= MOST_CHARS) return keep(ROUND_KEY, held);
  }
  forgetRound();
}
