import { eachCall } from './eachCall';
import { breath } from './longWork';

/** What follows from an answer is asked within so long, ms. */
const FOLLOWS_WITHIN_MS = 30;

/** So long work that nobody waits for lets others go first each time, ms: a call may last. */
const WAITS_AT_MOST_MS = 300;

/** The calls of a page that are under way, so that what nobody waits for lets them go first. */
export class UnderWay {
  private count = 0;
  private endedMs = -Infinity;

  /** An interface whose calls are counted while they last. */
  counted<Api extends object>(api: Api): Api {
    return eachCall(api, (call) => async (...given) => {
      this.count += 1;
      try {
        return await call(...given);
      } finally {
        this.count -= 1;
        this.endedMs = performance.now();
      }
    });
  }

  /** Lets whatever waits be answered, and what follows from it; a call that lasts is not waited for. */
  async quiet(): Promise<void> {
    const fromMs = performance.now();
    const isBusy = () => this.count > 0 || performance.now() - this.endedMs < FOLLOWS_WITHIN_MS;
    do await breath();
    while (isBusy() && performance.now() - fromMs < WAITS_AT_MOST_MS);
  }
}
