/** Thrown where the grower stopped what takes long; nothing of it was written. */
export class Stopped extends Error {
  override readonly name = 'Stopped';
}

/** Hears how far something is, 0 to 1. */
export type OnShare = (share: number) => void;

/** Done between pieces of long work: tells how far it is, and throws where it was stopped. */
export type Step = (share: number) => Promise<void>;

/** Lets whatever waits be answered. */
export const breath = () => new Promise<void>((resolve) => setTimeout(resolve));

/** Long work of the worker: told as it goes, others answered in between, stopped by a press. */
export class LongWork {
  private underWay: { isStopped: boolean } | undefined;

  /** Stops what is under way; without any it does nothing. */
  stop(): void {
    if (this.underWay) this.underWay.isStopped = true;
  }

  /** Does something that takes long; `stop` is for the one begun last. */
  async go<T>(onShare: OnShare, work: (step: Step) => Promise<T>): Promise<T> {
    const mine = { isStopped: false };
    this.underWay = mine;
    try {
      return await work(async (share) => {
        onShare(share);
        await breath();
        if (mine.isStopped) throw new Stopped('stopped');
      });
    } finally {
      if (this.underWay === mine) this.underWay = undefined;
    }
  }
}
