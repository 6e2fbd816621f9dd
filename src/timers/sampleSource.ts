import { inBackground } from '@/trouble';
import type { LiveSample } from './sampleSchema';

/** Where values of a display come from: a thumb, a bridge to a pen, anything. */
export interface SampleSource {
  /** Calls back with each value as displayed; answers how to stop. */
  start(onSample: (sample: LiveSample) => void): () => void;
}

/** The channel on which a page that can hear a pen tells its values to an open Bench. */
export const SAMPLE_CHANNEL = 'zolder-samples';

/** Reads a message: the value it tells, or undefined for anything else. */
export type ReadSample = (message: unknown) => LiveSample | undefined;

/**
 * Values told by another page of the same origin, e.g. a bridge to a pen with a cable. Messages that
 * come before their reader is there wait for it, in their order.
 */
export function liveSource(reader: Promise<ReadSample>): SampleSource {
  return {
    start(onSample) {
      if (typeof BroadcastChannel === 'undefined') return () => undefined;
      const channel = new BroadcastChannel(SAMPLE_CHANNEL);
      let stopped = false;
      channel.onmessage = ({ data }) => {
        const told = reader.then((read) => {
          const sample = read(data);
          if (sample !== undefined && !stopped) onSample(sample);
        });
        inBackground('live value', told);
      };
      return () => {
        stopped = true;
        channel.close();
      };
    },
  };
}
