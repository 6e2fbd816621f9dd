import { useLocalSearchParams } from 'expo-router';
import { chunkPart } from '@/shell/chunk';
import type { LotId } from '@/records';

/** One lot, loaded when it is first looked at. */
export const LotDetail = chunkPart<{ readonly lotId: LotId }>('forms', 'LotDetail');

/** One lot by its address. */
export function LotScreen() {
  const { lotId } = useLocalSearchParams<{ lotId: LotId }>();
  return <LotDetail lotId={lotId} />;
}
