import { MINUTE_MS } from '@/core/units';
import type { SkipReason, SpotSample } from '@/records/kinds';
import { make, type Act } from './act';
import type { TankId } from '@/records';

/** A stop of the Round passed by for today. `at` is an ISO instant. */
export const skipStop = (stop: string, why: SkipReason, at: string): Act => ({
  done: { what: 'passedBy' },
  changes: [make('skip', { stop, at, why, note: '' })],
});

/** A sample left to stand from a moment on, for so many minutes. */
export const leaveStanding = (
  { tankId, sample }: { readonly tankId: TankId; readonly sample: SpotSample },
  minutes: number,
  nowMs: number,
): Act => ({
  done: { what: 'standing', minutes },
  changes: [
    make('standing', {
      tankId,
      sample,
      at: new Date(nowMs).toISOString(),
      until: new Date(nowMs + minutes * MINUTE_MS).toISOString(),
    }),
  ],
});
