import { useNavigation, useRouter } from 'expo-router';
import { useBack } from './useBack';
import type { Path } from './paths';

/** Where a screen leads once its save is through. */
export interface GoOn {
  /** To another screen in place of this one. */
  to(href: Path): void;
  back(): void;
}

/** Leads on after a save, but only from here: who has gone elsewhere meanwhile is not fetched back. */
export function useGoOn(): GoOn {
  const router = useRouter();
  const goBack = useBack();
  const navigation = useNavigation();
  return {
    to: (href) => {
      if (navigation.isFocused()) router.replace(href);
    },
    back: () => {
      if (navigation.isFocused()) goBack();
    },
  };
}
