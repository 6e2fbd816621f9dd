import { useEffect, useEffectEvent } from 'react';
import type { StandInProps, Stands } from '@/shell/standIn';
import { SAMPLE_CHANNEL } from '@/timers';
import { putInto, secondsOn, toldBy, adjustedWhereItStands } from './standInPen';

/** The simulated pen in place of one with a cable: tells its display each second. Draws nothing. */
export function StandIn({ profile, code, stands, adjusts = false }: StandInProps) {
  const where = JSON.stringify(stands);
  const second = useEffectEvent((channel: BroadcastChannel) => {
    secondsOn(code);
    if (adjusts) adjustedWhereItStands(code);
    for (const sample of toldBy(code)) channel.postMessage(sample);
  });
  const put = useEffectEvent((there: string) =>
    putInto(code, profile, JSON.parse(there) as Stands),
  );
  useEffect(() => {
    if (typeof BroadcastChannel === 'undefined') return undefined;
    put(where);
    const channel = new BroadcastChannel(SAMPLE_CHANNEL);
    const timer = setInterval(() => second(channel), 1000);
    return () => {
      clearInterval(timer);
      channel.close();
    };
    // An answer that comes anew is the same pen: it stays where it stands.
  }, [code, where]);
  return null;
}
