import { useLocalSearchParams } from 'expo-router';
import { chunkPart } from '@/shell/chunk';

/** One lot, loaded when it is first looked at. */
export const LotDetail = chunkPart<{ readonly lotId: string }>('forms', 'LotDetail');

/** One lot by its address. */
export function LotScreen() {
  const { lotId } = useLocalSearchParams<{ lotId: string }>();
  return <LotDetail lotId={lotId} />;
}
