import type { AlphaRefusal } from '@/core/conductivity';
import type { Formats } from '@/words';
import { counted } from '../counted';
import type { Told } from '../told';

/** Measuring a feed’s temperature coefficient. */
export const alphaSays = {
  takePercent: (alphaPerC: string) => `Take ${alphaPerC} % per °C`,
  title: (name: string) => `Coefficient · ${name}`,
  nowPerCToMeasureIt: (alphaPerC: string) =>
    `Now ${alphaPerC} % per °C. To measure it, take a cup of the feed, cold from the fridge, and let it warm. Write temperature and EC a few times. The pen must not compensate: choose its uncompensated mode, or a pen without.`,
  takeOwn: (count: number) => `Take this tank’s own ${counted(count, 'reading')}`,
  temperatureAt: (place: number) => `Temperature ${place}`,
  ecAt: (place: number) => `EC ${place}`,
  noErrorToSee: ' % per °C; two pairs leave no error to see',
  percentMargin: (percent: string) => ` ± ${percent} % per °C`,
  fitted: ({ percent, margin, ec, unit }: Told<'percent' | 'margin' | 'ec' | 'unit'>) =>
    `α = ${percent}${margin}. EC at 25 °C: ${ec} ${unit}.`,
} as const;

/** Why there is no coefficient yet. */
export function alphaRefusalWords(refusal: AlphaRefusal, formats: Formats): string {
  switch (refusal.reason) {
    case 'tooFewPairs':
      return `${refusal.count} of ${refusal.needed} pairs. Three and more tell their own error.`;
    case 'spanTooSmall':
      return `The temperatures span ${formats.number(refusal.spanC, 1)} °C; ${refusal.neededC} are needed.`;
    case 'implausible':
      return `${formats.number(100 * refusal.alphaPerC, 1)} % per °C: no feed does that. Does the pen compensate after all?`;
  }
}
