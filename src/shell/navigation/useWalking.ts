import { useGlobalSearchParams } from 'expo-router';

/** Whether the screen is a stop of the walk, come to by its button. */
export function useWalking(): boolean {
  return useGlobalSearchParams<{ walk?: string }>().walk === '1';
}
