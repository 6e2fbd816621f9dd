import { z } from 'zod';

/** Where values of a display come from: a thumb, a bridge to a pen, anything. */
export interface SampleSource {
  /** Calls back with each value as displayed; answers how to stop. */
  start(onSample: (shown: number) => void): () => void;
}

/** The channel on which a page that can hear a pen tells its values to an open Bench. */
export const SAMPLE_CHANNEL = 'zolder-samples';

const messageSchema = z.object({ shown: z.number().refine(Number.isFinite) });

/** Values told by another page of the same origin, e.g. a bridge to a pen with a cable. */
export const liveSource: SampleSource = {
  start(onSample) {
    if (typeof BroadcastChannel === 'undefined') return () => undefined;
    const channel = new BroadcastChannel(SAMPLE_CHANNEL);
    channel.onmessage = ({ data }) => {
      const message = messageSchema.safeParse(data);
      if (message.success) onSample(message.data.shown);
    };
    return () => channel.close();
  },
};
