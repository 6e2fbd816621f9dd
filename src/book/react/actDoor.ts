import { watchHand, whenAtRest } from './atRest';
import type { Act, Done } from '@/acts';
import type { ActId, Change } from '@/records';
import { inBackground, noteTrouble } from '@/trouble';

/** What the line over the places says. */
export type ActNotice =
  /** It takes longer than a moment. */
  | { readonly kind: 'going' }
  /** Done: it can be taken back for a while. What came another way than by an act brings its sentence. */
  | { readonly kind: 'done'; readonly done: Done | string; readonly actId: ActId }
  | { readonly kind: 'takenBack' }
  | { readonly kind: 'changedSince' }
  /** Not done; everything typed is still there. */
  | {
      readonly kind: 'failed';
      readonly error: unknown;
      readonly again: () => void;
      readonly leave: () => void;
    };

/** How the door reaches the book. */
export interface DoorTo {
  readonly send: (changes: readonly Change[], actId: ActId) => Promise<readonly string[]>;
  readonly undo: (actId: ActId) => Promise<boolean>;
  readonly newActId: () => ActId;
}

/** How long taking back is offered, ms. */
export const UNDO_MS = 10_000;

/** Longer than this and the grower is told that it goes on, ms. */
const GOING_AFTER_MS = 300;

/**
 * The one door through which everything a person does reaches the book. It says what was done and
 * takes it back, says that it takes long, and says aloud when it fails.
 */
export class ActDoor {
  private notice: ActNotice | undefined;
  private readonly listeners = new Set<() => void>();
  private timer: ReturnType<typeof setTimeout> | undefined;

  private stopWaiting: (() => void) | undefined;

  constructor(private readonly to: DoorTo) {
    watchHand();
  }

  /** A new act's id, made before it is sent. */
  newActId(): ActId {
    return this.to.newActId();
  }

  readonly current = (): ActNotice | undefined => this.notice;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Shows a notice, for good or for so long. */
  private tell(notice: ActNotice | undefined, forMs?: number): void {
    clearTimeout(this.timer);
    this.stopWaiting?.();
    this.stopWaiting = undefined;
    this.notice = notice;
    this.listeners.forEach((listener) => listener());
    if (forMs === undefined) return;
    // Taken away under a thumb it would move what the thumb is about to press.
    const goes = () => (this.stopWaiting = whenAtRest(() => this.tell(undefined)));
    this.timer = setTimeout(goes, forMs);
  }

  /** Puts the line away. */
  readonly dismiss = (): void => this.tell(undefined);

  /**
   * Sends an act until it is done or the grower lets it be. Resolves with the records it wrote, or
   * undefined where it was let be.
   */
  async run({ changes, done }: Act, actId: ActId): Promise<readonly string[] | undefined> {
    for (;;) {
      const going = setTimeout(() => this.tell({ kind: 'going' }), GOING_AFTER_MS);
      try {
        const recordIds = await this.to.send(changes, actId);
        clearTimeout(going);
        // The line tells of the newest act alone: two ways back on one screen would be mistaken.
        this.tell(done ? { kind: 'done', done, actId } : undefined, UNDO_MS);
        return recordIds;
      } catch (error) {
        clearTimeout(going);
        noteTrouble('act', error);
        if (!(await this.askAgain(error))) return undefined;
      }
    }
  }

  /** Says that it failed; true when it is to be tried again, false when it is to be let be. */
  private askAgain(error: unknown): Promise<boolean> {
    return new Promise((resolve) => {
      const answer = (again: boolean) => () => {
        this.tell(undefined);
        resolve(again);
      };
      this.tell({ kind: 'failed', error, again: answer(true), leave: answer(false) });
    });
  }

  /** Says that an act which another way reached the book is done, and offers to take it back. */
  readonly say = (said: string, actId: ActId): void => {
    this.tell({ kind: 'done', done: said, actId }, UNDO_MS);
  };

  /** Lets a failed act be: another try comes from its own button. */
  readonly leaveFailed = (): void => {
    if (this.notice?.kind === 'failed') this.notice.leave();
  };

  /** Says aloud that something other than an act failed. */
  readonly fail = (error: unknown, again: () => unknown): void => {
    noteTrouble('act', error);
    const answer = (then: () => unknown) => () => {
      this.tell(undefined);
      inBackground('again', then());
    };
    this.tell({ kind: 'failed', error, again: answer(again), leave: answer(() => undefined) });
  };

  /** Takes back what the line tells of. */
  readonly undo = async (): Promise<void> => {
    const { notice } = this;
    if (notice?.kind !== 'done') return;
    this.tell({ kind: 'going' });
    try {
      const done = await this.to.undo(notice.actId);
      this.tell({ kind: done ? 'takenBack' : 'changedSince' }, 4000);
    } catch (error) {
      this.fail(error, () => {
        this.tell(notice, UNDO_MS);
      });
    }
  };
}
