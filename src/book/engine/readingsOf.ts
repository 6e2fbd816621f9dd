import type { RecordId } from '@/records';
import type { Sample } from '@/records/kinds';
import type { BookState, LiveRecord } from './bookState';
import { READINGS_OF_SAMPLE } from './partsOfBook';

/** A tank's readings of one kind of sample, newest first. */
export const readingsOf = (
  book: BookState,
  tankId: RecordId,
  sample: Sample = 'tank',
): readonly LiveRecord<'reading'>[] => book.part(READINGS_OF_SAMPLE, `${sample}/${tankId}`);
