import { useRouter } from 'expo-router';
import { useOpenBook } from '@/features/frame/useLeaveDemo';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';

/** An empty book: what this is for, and the two ways in. */
export function EmptyRound() {
  const router = useRouter();
  const openDemo = useOpenBook('demo');
  return (
    <Screen
      actions={
        <>
          <Button wet grow label="Look round the demo" onPress={openDemo} />
          <Button
            kind="main"
            wet
            grow
            label="Add my first pen"
            onPress={() => router.navigate('/pens/new')}
          />
        </>
      }
    >
      <Say size="huge" face="slab" heading={1}>
        Your round starts here.
      </Say>
      <Say>
        Each morning this page walks you past your pens and tanks: what to check, what to read, what
        to pour, and how sure that is.
      </Say>
      <Say>
        Add a pen, then a tank, then take a reading. Until the pen has been checked in a buffer its
        readings are marked: the maker’s word is all there is.
      </Say>
    </Screen>
  );
}
