import type { CodeShown } from '@/interchange/exchange';
import { MINUTE_MS } from '@/core/units';

/** A code holds so long, ms. */
const CODE_LIFE_MS = 5 * MINUTE_MS;

/** So many wrong codes, and the one that is shown is thrown away. */
const WRONG_MAX = 5;

/** After that no code is taken for so long, ms. */
const LOCKED_MS = MINUTE_MS;

/** What trying a code came to. */
export type Tried = 'paired' | 'wrong' | 'locked';

/**
 * The code by which a device is paired: six digits, for five minutes, once. After five wrong ones it
 * is thrown away and nothing is taken for a minute. `random` answers a whole number below its argument.
 */
export class Pairing {
  private code: { readonly digits: string; readonly untilMs: number } | undefined;
  private wrong = 0;
  private lockedUntilMs = 0;

  constructor(private readonly random: (below: number) => number) {}

  /** The code to show now: the one that holds, or a new one. */
  shown(nowMs: number): CodeShown {
    if (nowMs < this.lockedUntilMs) return { lockedUntilMs: this.lockedUntilMs };
    if (!this.code || nowMs >= this.code.untilMs) {
      const digits = String(this.random(1_000_000)).padStart(6, '0');
      this.code = { digits, untilMs: nowMs + CODE_LIFE_MS };
    }
    return { code: this.code.digits, untilMs: this.code.untilMs };
  }

  /** Tries a code that was typed or scanned; the right one is used up by it. */
  tried(digits: string, nowMs: number): Tried {
    if (nowMs < this.lockedUntilMs) return 'locked';
    const { code } = this;
    if (code && nowMs < code.untilMs && code.digits === digits) {
      this.code = undefined;
      this.wrong = 0;
      return 'paired';
    }
    this.wrong += 1;
    if (this.wrong < WRONG_MAX) return 'wrong';
    this.wrong = 0;
    this.code = undefined;
    this.lockedUntilMs = nowMs + LOCKED_MS;
    return 'locked';
  }
}
