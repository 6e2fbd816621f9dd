import type { Quantity } from '@/core/calibration';
import { stateAt } from '@/core/drift';
import { assessQuick } from '@/core/readings';
import { monthOf } from './partsOfBook';
import { trackOver } from './penTrack';
import { readingInput, type ReadingContext } from './readingRow';
import type { BookState, LiveRecord } from './bookState';

type AssessedQuickly = Extract<ReturnType<typeof assessQuick>, { ok: true }>['value'];

/** What one side of a reading comes to, without its budget; undefined where it cannot be stated. */
export function quickSide(
  book: BookState,
  reading: LiveRecord<'reading'>,
  { quantity, context }: { readonly quantity: Quantity; readonly context: ReadingContext },
): AssessedQuickly | undefined {
  const side = reading.body[quantity];
  if (!side) return undefined;
  const month = monthOf(reading.body.takenAt);
  const track = trackOver(book, { penId: side.penId, quantity }, month);
  const state = track && stateAt(track, context.atMs);
  const input = state && readingInput(book, reading, { quantity, context, state });
  const read = input && assessQuick(input);
  return read?.ok ? read.value : undefined;
}
