import { useQuery } from '@tanstack/react-query';
import { StyleSheet, View } from 'react-native';
import { MINUTE_MS } from '@/core/units';
import type { HouseDevice } from '@/book/client';
import { useBook, useNowMs } from '@/book/react';
import { Skeleton } from '@/ui/layout';
import { Say } from '@/ui/text';
import { color, space } from '@/ui/tokens';
import { ago, shortDay } from '@/words';
import { HOUSE_TROUBLE, togetherSays } from '@/words/together/together';
import { AskTwice } from './AskTwice';

/** The devices of the house, each with when it last met it, and the way to take it off the list. */
export function Devices() {
  const { client } = useBook();
  const { data, refetch } = useQuery({
    queryKey: ['houseDevices'],
    queryFn: async () => await client.houseDevices(),
    staleTime: 0,
    refetchInterval: MINUTE_MS,
  });
  if (!data) return <Skeleton label={togetherSays.looking} />;
  return (
    <View>
      <Say size="large" face="slab" heading={2}>
        {togetherSays.devices}
      </Say>
      {data.ok ? (
        data.value.map((device) => (
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
        ))
      ) : (
        <Say tone="attention">{HOUSE_TROUBLE[data.refusal]}</Say>
      )}
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
        <AskTwice
          label={togetherSays.takeOff}
          name={togetherSays.takeOffNamed(name)}
          really={togetherSays.takeOffReally(name)}
          not={togetherSays.keep}
          onYes={onTakeOff}
        />
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
});
