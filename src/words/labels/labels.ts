import type { Labelled } from '@/book/answers';
import type { Formats } from '../formats';
import { liquidName } from '../shelf/lotWords';

/** Labels to print, the scanner, and what a code leads to. */
export const labelsSays = {
  title: 'Labels',
  loading: 'Loading labels',
  lead: 'Hang one on each tank, pen and bottle. A phone that scans it opens that very page.',
  what: 'Labels for',
  tanks: 'tanks and places',
  pens: 'pens',
  lots: 'bottles and sachets',
  size: 'Size',
  small: 'small, 60 by 25 mm',
  medium: 'medium, 80 by 38 mm',
  large: 'large, 95 by 56 mm',
  which: 'Which of them',
  all: 'all',
  none: 'none',
  nothing: 'There is nothing of this kind in the book.',
  noneChosen: 'Choose at least one.',
  leadsTo: (address: string) => `They lead to ${address}. At another address they open nothing.`,
  onlyHere:
    'This address is this computer alone. Print labels at the address that the phones use, or they open nothing there.',
  madeUp: 'These are of the made-up demo glasshouse.',
  scanTitle: 'Scan a label',
  scanLead: 'Hold the label before the camera.',
  looking: 'Looking for a code',
  picture: 'What the camera sees',
  orType: 'Or type the code of the label',
  codeHint: 'Five letters and digits, below the square.',
  open: 'Open',
  notACode: 'A code has five letters and digits, such as 7K2QX.',
  otherCode: 'This is no label of Zolder.',
  noCamera: 'No camera was found here. Type the code.',
  cameraDenied:
    'The browser does not let Zolder use the camera. Allow it in its settings, or type the code.',
  cameraUnsafe: 'At this address the browser gives no camera (it needs HTTPS). Type the code.',
  start: 'Use the camera',
  stop: 'Stop the camera',
  unknown: (code: string) => `Nothing in this book has the code ${code}.`,
  unknownHint:
    'Is it of another book, or was it added on another phone that has not met this one? Is this the demo?',
  several: (code: string) => `More than one thing has the code ${code}. Which is it?`,
  qr: (name: string) => `Code that opens ${name}`,
  back: 'Scan another label',
} as const;

/** What stands large on a label, and below it. */
export interface LabelText {
  readonly large: string;
  readonly name: string;
}

/** The large text and the name of what bears a label. */
export function labelText(one: Labelled, formats: Formats): LabelText {
  switch (one.kind) {
    case 'tank':
      return { large: String(one.number), name: one.name };
    case 'pen':
      return { large: one.code, name: one.name };
    case 'lot':
      return { large: liquidName(one.body, formats), name: one.body.lotCode };
  }
}
