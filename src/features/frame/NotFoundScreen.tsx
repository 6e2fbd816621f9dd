import { useRouter } from 'expo-router';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { paths } from '@/shell/navigation/paths';
import { frameSays } from '@/words/frame/frame';

/** An address that leads nowhere. */
export function NotFoundScreen() {
  const router = useRouter();
  return (
    <Screen
      actions={
        <Button
          kind="main"
          wet
          grow
          label={frameSays.toTheRound}
          onPress={() => router.replace(paths.round)}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        {frameSays.nothingStandsHere}
      </Say>
      <Say>{frameSays.addressMayBeOld}</Say>
    </Screen>
  );
}
