import { usePathname, useRouter } from 'expo-router';
import { parentOf } from './parentOf';

/**
 * Back to the very screen before, whichever place it was in; from a deep link, to the screen above.
 * By the browser's own history: the router's forgets what stood open in a place that was left.
 */
export function useBack(): () => void {
  const router = useRouter();
  const path = usePathname();
  return () => {
    if (router.canGoBack()) window.history.back();
    else router.replace(parentOf(path));
  };
}
