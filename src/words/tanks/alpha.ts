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
