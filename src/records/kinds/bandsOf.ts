import type { Band } from '@/core/verdict';
import type { Sample } from './sample';
import type { Tank } from './tank';

/** The bands a sample is judged by; any of them may be missing. */
export interface SampleBands {
  readonly ph?: Band | undefined;
  readonly ec?: Band | undefined;
}

/** The bands of a tank for one kind of sample: its own for the tank itself, else what was set. */
export function bandsOf(
  tank: Pick<Tank, 'phBand' | 'ecBand' | 'sampleBands'>,
  sample: Sample,
): SampleBands {
  return sample === 'tank'
    ? { ph: tank.phBand, ec: tank.ecBand }
    : (tank.sampleBands?.[sample] ?? {});
}
