/** Where a step of the tour leads. */
export type TourStop = 'round' | 'oldPen' | 'lookBack' | 'tank' | 'shelf';

/** The tour of the demo: the story of its old pen, a screen at a time. */
export const TOUR: readonly { readonly at: TourStop; readonly text: string }[] = [
  {
    at: 'round',
    text: 'This is the Round of a made-up glasshouse: what is due today, and why. Pen P4 is old, and was not checked for weeks.',
  },
  {
    at: 'oldPen',
    text: 'P4 read right for months. Then it began to drift. The line shows how far off it is, the shade how sure that is.',
  },
  {
    at: 'lookBack',
    text: 'Its last check found it far off. Zolder looks back: these readings were wrong, and these doses were poured on them.',
  },
  {
    at: 'tank',
    text: 'A tank’s readings are corrected for the pen that took them. Each stands with its ±, against the band of its crop.',
  },
  {
    at: 'shelf',
    text: 'A check needs fresh buffer. The Shelf knows how many checks each bottle still serves, and which one is past its date.',
  },
  {
    at: 'round',
    text: 'Now check P4 yourself at the Bench. Type what you like: nothing here touches your own book.',
  },
];

/** The tour of the first visit. */
export const tourSays = {
  name: 'A tour of the demo',
  take: 'Take the short tour',
  goOn: 'Go on with the tour',
  end: 'End the tour',
  step: (at: number, of: number) => `Tour, ${at} of ${of}.`,
  inDemoTitle: 'You are in the demo.',
  inDemoText: 'Your own pen and tank belong in your own book. The demo stays as it is.',
  toOwnBook: 'Set up my own book',
} as const;
