import { useWindowDimensions } from 'react-native';
import { WIDE_FROM } from '@/ui/tokens';

/** Whether list and detail stand side by side. */
export function useIsWide(): boolean {
  return useWindowDimensions().width >= WIDE_FROM;
}
