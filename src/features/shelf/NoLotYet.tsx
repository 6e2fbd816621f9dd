import { Screen } from '@/ui/layout';
import { Say } from '@/ui/text';
import { shelfSays } from '@/words/shelf/shelf';

/** Beside an empty Shelf: what will stand here. */
export function NoLotYet() {
  return (
    <Screen>
      <Say size="large" face="slab">
        {shelfSays.noLotYet}
      </Say>
      <Say>{shelfSays.whatStandsHere}</Say>
    </Screen>
  );
}
