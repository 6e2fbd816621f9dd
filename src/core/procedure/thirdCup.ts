import { BUFFER_FAMILIES, type BufferFamily } from '../buffers';

/** Readings above this lie outside what a 4 and a 7 bracket, pH. */
export const ABOVE_BRACKET_PH = 8;

/** A buffer of this or more is a family's alkaline one, pH. */
const ALKALINE_PH = 8.5;

/** What of a pen decides whether a third point makes sense. */
interface ThirdCupTraits {
  readonly family: BufferFamily;
  readonly cupsPh: readonly number[];
  readonly adjustable: boolean;
  /** How it is adjusted: a screw or two dials have no third point. */
  readonly by: string;
}

/**
 * The alkaline buffer of a pen's family, pH, where it is calibrated in two others and its buttons
 * can take a third; undefined where it is dipped in that one already or cannot use it.
 */
export function thirdCupPh({ family, cupsPh, adjustable, by }: ThirdCupTraits): number | undefined {
  if (!adjustable || (by !== 'button' && by !== 'steps') || cupsPh.length !== 2) return undefined;
  const third = BUFFER_FAMILIES[family].find(({ nominalPh }) => nominalPh > ALKALINE_PH)?.nominalPh;
  return third === undefined || cupsPh.some((ph) => ph > ALKALINE_PH) ? undefined : third;
}
