import type { Revision } from '@/records';
import { understand } from '@/records/migrations';
import type { TabChannel } from './surroundings';

/** Tells other tabs of the same book; what they tell is parsed before it is taken. */
export function tabChannel(name: string): TabChannel {
  const channel = typeof BroadcastChannel === 'function' ? new BroadcastChannel(name) : undefined;
  return {
    post: (revisions) => channel?.postMessage(revisions),
    onMessage(listener) {
      if (!channel) return;
      channel.onmessage = ({ data }: MessageEvent<unknown>) => {
        const told = (Array.isArray(data) ? data : []).map(understand);
        listener(told.flatMap((one): Revision[] => (one.state === 'sound' ? [one.revision] : [])));
      };
    },
  };
}
