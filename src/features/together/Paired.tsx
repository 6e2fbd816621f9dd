import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { HouseStatus, HouseTrouble } from '@/book/client';
import { meetNow, useBook, useNowMs } from '@/book/react';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { space } from '@/ui/tokens';
import { HOUSE_TROUBLE, houseNotes, metLine } from '@/words/together/houseWords';
import { togetherSays } from '@/words/together/together';
import { AskTwice } from './AskTwice';
import { Devices } from './Devices';
import { PairForm } from './PairForm';

interface Props {
  readonly status: HouseStatus;
  /** This device has left; whether its house was told. */
  readonly onLeft: (told: boolean) => void;
}

/** Why a house that was left need not be told: it has taken this device off its list itself. */
const KNOWS: readonly HouseTrouble[] = ['revoked', 'nobody'];

/** How a paired device stands with its house, the other devices, and the way out. */
export function Paired({ status, onLeft }: Props) {
  const { client } = useBook();
  const nowMs = useNowMs(10_000);
  const [isMeeting, setIsMeeting] = useState(false);
  const { trouble } = status;
  const meet = async () => {
    setIsMeeting(true);
    await meetNow();
    setIsMeeting(false);
  };
  const leave = async () => {
    const told = await client.leaveHouse();
    onLeft(told.ok || KNOWS.includes(told.refusal));
    await meetNow();
    return undefined;
  };
  return (
    <View style={styles.all}>
      <Panel>
        <View role="status" style={styles.told}>
          <Say size="large">{metLine(status, nowMs)}</Say>
          {trouble ? <Say tone="attention">{HOUSE_TROUBLE[trouble]}</Say> : null}
          {houseNotes(status).map((note) => (
            <Say key={note} tone="attention">
              {note}
            </Say>
          ))}
        </View>
        <Button label={togetherSays.meetNow} disabled={isMeeting} onPress={meet} />
      </Panel>
      {trouble === 'revoked' || trouble === 'nobody' ? (
        <PairForm />
      ) : (
        <Devices metMs={status.lastMetMs} />
      )}
      <Say size="small" tone="soft">
        {togetherSays.whose}
      </Say>
      <AskTwice
        label={togetherSays.leave}
        really={togetherSays.leaveReally}
        not={togetherSays.stay}
        onYes={leave}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: space.s4 },
  told: { gap: space.s2 },
});
