import type { Band } from '@/core/verdict';
import type { Sample } from './sampleNames';

/** The bands a sample is judged by; any of them may be missing. */
export interface SampleBands {
  readonly ph?: Band | undefined;
  readonly ec?: Band | undefined;
}

/** What a tank says of its bands. */
interface Banded {
  readonly phBand?: Band | undefined;
  readonly ecBand?: Band | undefined;
  readonly sampleBands?: Partial<Readonly<Record<Sample, SampleBands>>> | undefined;
}

/** The bands of a tank for one kind of sample: its own for the tank itself, else what was set. */
export function bandsOf(tank: Banded, sample: Sample): SampleBands {
  return sample === 'tank'
    ? { ph: tank.phBand, ec: tank.ecBand }
    : (tank.sampleBands?.[sample] ?? {});
}
