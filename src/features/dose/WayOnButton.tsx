import { useRouter } from 'expo-router';
import { Button } from '@/ui/button';
import type { WayOn } from './wayOn';

/** The one main action of a refusal: where it leads on to. */
export function WayOnButton({ wayOn }: { readonly wayOn: WayOn | undefined }) {
  const router = useRouter();
  if (!wayOn) return null;
  return (
    <Button kind="main" wet grow label={wayOn.label} onPress={() => router.navigate(wayOn.href)} />
  );
}
