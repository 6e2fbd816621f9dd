import type { SkipReason } from '@/records/kinds';
import { make, type Act } from './act';

/** A stop of the Round passed by for today. `at` is an ISO instant. */
export const skipStop = (stop: string, why: SkipReason, at: string): Act => ({
  said: 'Passed by for today.',
  changes: [make('skip', { stop, at, why, note: '' })],
});
