import type { CupId } from './benchPlan';

/** Which dip a value was read in. */
export type DipPhase = 'asFound' | 'asLeft' | 'confirm';

/** What happened at the Bench, in order. The whole state of a sitting follows from these. */
export type BenchEvent =
  | {
      readonly type: 'read';
      readonly phase: DipPhase;
      readonly cupId: CupId;
      /** As displayed, in the unit of the pen. */
      readonly shown: number;
      readonly atMs: number;
      /** How long it took to stand still, s, where it was timed. */
      readonly settleS?: number | undefined;
    }
  | {
      readonly type: 'repeat';
      readonly phase: DipPhase;
      readonly cupId: CupId;
      /** What was done before the next try. */
      readonly after?: 'cleaning' | 'freshPortion' | undefined;
    }
  /** The pen took the point and ended by itself before its value could be seen. */
  | { readonly type: 'unseen'; readonly phase: 'asLeft'; readonly cupId: CupId }
  | { readonly type: 'accept'; readonly phase: DipPhase; readonly cupId: CupId }
  | { readonly type: 'adjust' }
  | { readonly type: 'leave' }
  /** An error the pen showed instead of taking a point, as it stood on the display. */
  | {
      readonly type: 'errorShown';
      readonly phase: DipPhase;
      readonly cupId: CupId;
      readonly text: string;
      readonly atMs: number;
    }
  /** The pen switched itself off; a pen that loses its points begins again at the first of them. */
  | { readonly type: 'switchedOff'; readonly losesPoints: boolean; readonly atMs: number };

/** An error that a pen showed during a sitting. */
export type ErrorShown = Extract<BenchEvent, { readonly type: 'errorShown' }>;

/** The errors that a pen showed during a sitting, in order. */
export const errorsShown = (events: readonly BenchEvent[]): readonly ErrorShown[] =>
  events.filter((event) => event.type === 'errorShown');

/** The valid reading of one dip: the last one not called back by a repeat. */
export interface DipReading {
  readonly shown: number;
  readonly atMs: number;
  readonly settleS?: number | undefined;
  /** 1 for the first try. */
  readonly attempt: number;
  readonly accepted: boolean;
  /** Its place among all that happened. */
  readonly place: number;
}

/**
 * The valid reading of a dip, or how many tries were called back; `unseen` is the place of a point that
 * was taken unseen.
 */
export function dipReading(
  events: readonly BenchEvent[],
  phase: DipPhase,
  cupId: CupId,
): { readonly reading?: DipReading; readonly tries: number; readonly unseen?: number } {
  let reading: DipReading | undefined;
  let tries = 0;
  let unseen: number | undefined;
  for (const [place, event] of events.entries()) {
    if (event.type === 'switchedOff' && event.losesPoints && phase !== 'asFound') {
      reading = undefined;
      unseen = undefined;
    }
    if (!('cupId' in event) || event.cupId !== cupId || event.phase !== phase) continue;
    if (event.type === 'read') {
      tries += 1;
      const { shown, atMs, settleS } = event;
      reading = { shown, atMs, settleS, attempt: tries, accepted: false, place };
    } else if (event.type === 'unseen') unseen = place;
    else if (event.type === 'repeat') {
      reading = undefined;
      unseen = undefined;
    } else if (event.type === 'accept' && reading) reading = { ...reading, accepted: true };
  }
  return reading ? { reading, tries } : { tries, ...(unseen === undefined ? {} : { unseen }) };
}
