import { useState } from 'react';
import { View } from 'react-native';
import { useBook, useHouseStatus } from '@/book/react';
import { useHouse } from '@/shell/device/house';
import { useBack } from '@/shell/navigation/useBack';
import { Button } from '@/ui/button';
import { Screen, Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { commonSays } from '@/words/common';
import { togetherSays } from '@/words/together/together';
import { PairForm } from './PairForm';
import { Paired } from './Paired';

/** One book on several phones: pairing this one, how it stands, the other devices. */
export function TogetherScreen() {
  const back = useBack();
  const { opened } = useBook();
  const status = useHouseStatus({ now: true });
  const [leftUnheard, setLeftUnheard] = useState(false);
  return (
    <Screen actions={<Button wet label={commonSays.back} onPress={back} />}>
      <Say size="huge" face="slab" heading={1}>
        {togetherSays.title}
      </Say>
      <Say tone="soft">{togetherSays.lead}</Say>
      {opened.book === 'demo' ? (
        <Say>{togetherSays.inDemo}</Say>
      ) : !status ? (
        <Skeleton label={togetherSays.looking} />
      ) : status.paired ? (
        <Paired status={status} onLeft={(told) => setLeftUnheard(!told)} />
      ) : (
        <>
          <View role="status">
            {leftUnheard ? <Say tone="attention">{togetherSays.leftUnheard}</Say> : null}
          </View>
          <Unpaired />
        </>
      )}
    </Screen>
  );
}

function Unpaired() {
  const house = useHouse({ untilExchange: true });
  const [wasOn, setWasOn] = useState(false);
  if (house?.exchange && !wasOn) setWasOn(true);
  // What was typed is not swept away by a house that is gone for a moment.
  if (wasOn) return <PairForm />;
  if (house === undefined) return <Skeleton label={togetherSays.looking} />;
  if (house === null) return <Say tone="attention">{togetherSays.away}</Say>;
  return (
    <>
      <Say>{togetherSays.off}</Say>
      <Say face="mono">{togetherSays.command}</Say>
    </>
  );
}
