import { useRouter } from 'expo-router';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { paths } from '@/shell/navigation/paths';

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
          label="To the Round"
          onPress={() => router.replace(paths.round)}
        />
      }
    >
      <Say size="huge" face="slab" heading={1}>
        Nothing stands here.
      </Say>
      <Say>The address may be old. Nothing in your book has changed.</Say>
    </Screen>
  );
}
