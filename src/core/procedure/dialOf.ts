import type { Cup } from './benchPlan';

/** Which dial sets a cup: the zero in a neutral buffer, the slope in any other, the cell in a standard. */
export type Dial = 'zero' | 'slope' | 'cell';

/** Near enough to the neutral point that its dial sets the zero, pH. */
const NEUTRAL_REACH_PH = 1;

/**
 * The dial of a cup, by its value alone: the order in which cups are dipped changes nothing. At pH 7
 * an electrode gives no voltage, so that only the zero moves it.
 * @source IUPAC Recommendations 2002, Measurement of pH, 3: the zero point and the slope.
 */
export function dialOf(cup: Cup): Dial {
  if (cup.quantity === 'ec') return 'cell';
  return Math.abs(cup.buffer.nominalPh - 7) < NEUTRAL_REACH_PH ? 'zero' : 'slope';
}
