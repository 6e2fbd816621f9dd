/** Thrown where the grower stopped what takes long; nothing of it was written. */
export class Stopped extends Error {
  override readonly name = 'Stopped';
}

/** Hears how far something is, 0 to 1. */
export type OnShare = (share: number) => void;

/** Done between pieces of long work: tells how far it is, and throws where it was stopped. */
export interface Step {
  (share: number): Promise<void>;
  /** The same without letting others be answered in between. */
  now(share: number): void;
}

/** Lets whatever waits be answered. */
export const breath = () => new Promise<void>((resolve) => setTimeout(resolve));

/** Lets what waits already go first, without the least time that a browser makes timers wait. */
export const turn = () =>
  new Promise<void>((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });

/** So long others wait while an answer is worked out in pieces, ms. */
const AT_A_STRETCH_MS = 8;

/** Does pieces of work one after the other; who asks meanwhile is answered in between. */
export async function inTurns(pieces: Iterable<() => unknown>): Promise<void> {
  let restedMs = performance.now();
  for (const work of pieces) {
    work();
    if (performance.now() - restedMs < AT_A_STRETCH_MS) continue;
    await turn();
    restedMs = performance.now();
  }
}

/** A part of long work, which ends at a share and begins at another. */
export const partOf = (step: Step, whole: (share: number) => number): Step =>
  Object.assign((share: number) => step(whole(share)), {
    now: (share: number) => step.now(whole(share)),
  });

/** Long work nobody hears of and nobody stops. */
export const unheard: Step = Object.assign(() => Promise.resolve(), { now: () => undefined });

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
      const now = (share: number) => {
        onShare(share);
        if (mine.isStopped) throw new Stopped('stopped');
      };
      const step = async (share: number) => {
        onShare(share);
        await breath();
        if (mine.isStopped) throw new Stopped('stopped');
      };
      return await work(Object.assign(step, { now }));
    } finally {
      if (this.underWay === mine) this.underWay = undefined;
    }
  }
}
