import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { HouseDevice } from '@/book/client';
import { useBook, useNowMs } from '@/book/react';
import { Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { ago, shortDay } from '@/words';
import { HOUSE_TROUBLE } from '@/words/together/houseWords';
import { togetherSays } from '@/words/together/together';
import { AskTwice } from './AskTwice';

/** The devices of the house, each with when it last met it, and the way to take it off the list. */
export function Devices({ metMs }: { readonly metMs: number | null }) {
  const { client } = useBook();
  // Asked anew after each meeting.
  const { data, refetch } = useQuery({
    queryKey: ['houseDevices', metMs],
    queryFn: async () => await client.houseDevices(),
    staleTime: 0,
  });
  // While the house is away the list stays as it was last told, and a question that stands open with it.
  const [known, setKnown] = useState<readonly HouseDevice[]>([]);
  if (data?.ok && data.value !== known) setKnown(data.value);
  if (!data && known.length === 0) return <Skeleton label={togetherSays.looking} />;
  return (
    <View>
      <Say size="large" face="slab" heading={2}>
        {togetherSays.devices}
      </Say>
      {data?.ok === false ? <Say tone="attention">{togetherSays.listIsOld}</Say> : null}
      {known.map((device) => (
        <Device
          key={device.id}
          device={device}
          onTakeOff={async () => {
            const taken = await client.revokeDevice(device.id);
            if (!taken.ok) return HOUSE_TROUBLE[taken.refusal];
            await refetch();
            return undefined;
          }}
        />
      ))}
    </View>
  );
}

interface DeviceProps {
  readonly device: HouseDevice;
  readonly onTakeOff: () => Promise<string | undefined>;
}

function Device({ device, onTakeOff }: DeviceProps) {
  const nowMs = useNowMs();
  const { name, since, seen, own } = device;
  const told = [
    own ? togetherSays.thisDevice : togetherSays.lastMet(ago(Date.parse(seen), nowMs)),
    togetherSays.pairedOn(shortDay(Date.parse(since))),
  ];
  return (
    <View style={styles.device}>
      <View style={styles.what}>
        <Say bold>{name}</Say>
        <Say size="small" tone="soft">
          {told.join(' · ')}
        </Say>
      </View>
      {own ? null : (
        <View style={styles.ask}>
          <AskTwice
            label={togetherSays.takeOff}
            name={togetherSays.takeOffNamed(name)}
            really={togetherSays.takeOffReally(name)}
            not={togetherSays.keep}
            onYes={onTakeOff}
          />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  device: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.s3,
    paddingVertical: space.s3,
    borderBottomWidth: 1,
    borderColor: color.edge,
  },
  what: { flexGrow: 1 },
  // The question may need the whole width.
  ask: { flexShrink: 1, maxWidth: '100%' },
});
