import { QUANTITY_NAME } from '../quantityName';

/** The Bench after a cup: in tolerance or not, how it was adjusted, the end of a sitting. */
export const decideSays = {
  adjustAnyway: 'Adjust anyway',
  nowAdjust: (code: string) => `Now adjust ${code}`,
  isInTolerance: (code: string) => `${code} is in tolerance.`,
  isOutOfTolerance: (code: string) => `${code} is out of tolerance.`,
  nothingToAdjust: 'Nothing to adjust: adjusting a pen that is good adds noise and uses up buffer.',
  readOnlyAndGood: 'This side is only compared. It compares well.',
  corrected: 'Past readings with this pen are corrected.',
  adjustItNow: 'Now adjust it.',
  farOff:
    'More than 1 pH off: that is dirt, a dry tip or age before it is adjustment. Leave it as it is, clean it, soak it for two hours, and check again.',
  oldProbe:
    'This probe is far past its expected life. Leave it as it is, clean it, soak it for two hours, and check again before you adjust.',
  iMistyped: 'I mistyped: read the last cup again',
  repeatThisPoint: 'Repeat this point',
  setAnew: (cup: string) => `Adjust the ${cup} again`,
  cleanedSetAnew: 'Cleaned: adjust it again',
  freshPortionSetAnew: 'Fresh portion: adjust it again',
  untilAllHold: (others: string) =>
    `Setting one point moves the other. After this one comes the ${others} again, until all hold.`,
  cleanedRepeat: 'Cleaned: repeat it',
  freshPortionRepeat: 'Fresh portion: repeat it',
  repeatOnceMore: 'Repeat once more',
  acceptTheMiss: 'Accept the miss',
  stateOfCup: (cup: string, state: string) => `The ${cup} is ${state}.`,
  ifAccepted:
    'If you accept it, the miss is kept with the record and readings are corrected by it.',
  saveThen: (side: string) => `Save, then ${side}`,
  saveTheCheck: 'Save the check',
  cleanedDipAgain: 'Cleaned: dip again',
  cleanNow: 'Clean it now and dip again: this check is kept as it is, and another one begins.',
  rinseThen: (side: string) =>
    `Rinse the probe well and throw the portions away; ${side} comes next.`,
  rinseAndCapWet: 'Rinse the probe, cap it wet without wiping it dry, throw the portions away.',
  rinseAndDryEcFace:
    'Rinse the face, let it dry, throw the portion away. An EC face is stored clean and dry.',
  portionsComeOffLots: (rinsing: string) =>
    `${rinsing} 20 mL or one sachet is taken off each bottle or box on the Shelf.`,
} as const;

/** What to make of a pen as it was found: nothing to do, or what becomes of its readings and of it. */
export function foundSentence(found: {
  readonly good: boolean;
  readonly adjustable: boolean;
  readonly hasReadings: boolean;
  readonly adjustNow: boolean;
}): string {
  if (found.good) return found.adjustable ? decideSays.nothingToAdjust : decideSays.readOnlyAndGood;
  return [
    found.hasReadings ? decideSays.corrected : '',
    found.adjustNow ? decideSays.adjustItNow : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** How the probe is rinsed at the end: before the other side, before its cap, or an EC face. */
export function rinsingAtEnd(then: 'ph' | 'ec' | undefined, capped: boolean): string {
  if (then) return decideSays.rinseThen(QUANTITY_NAME[then]);
  return capped ? decideSays.rinseAndCapWet : decideSays.rinseAndDryEcFace;
}
