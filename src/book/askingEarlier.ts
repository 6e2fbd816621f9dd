import { eachCall } from './eachCall';
import { NeedsEarlier } from './engine/earlierReadings';
import { turn } from './longWork';

/**
 * Does something once more where it needed readings that the opening left in storage. Nothing was written
 * before it was refused: what is written is worked out first.
 */
export async function retried<T>(work: () => T, bring: () => Promise<void>): Promise<Awaited<T>> {
  try {
    return await work();
  } catch (error) {
    if (!(error instanceof NeedsEarlier)) throw error;
    await bring();
    // Several may have waited: what others ask goes between them.
    await turn();
    return await work();
  }
}

/** The same of every call of an interface. */
export function askingEarlier<Api extends object>(api: Api, bring: () => Promise<void>): Api {
  return eachCall(
    api,
    (call) =>
      (...given) =>
        retried(() => call(...given), bring),
  );
}
