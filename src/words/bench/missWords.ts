import {
  dipReading,
  judgeDip,
  remedyAfter,
  type BenchEvent,
  type BenchPlan,
} from '@/core/procedure';
import { decideSays } from './decide';

type Quantity = BenchPlan['quantity'];

/** What to do about a point that missed once, twice, three times and more. */
const HELP: Readonly<Record<Quantity, readonly string[]>> = {
  ph: [
    'A second try usually lands closer: rinse, wait until it is still, adjust again.',
    'Two misses: clean the probe, let it rest in storage solution, try again.',
    'Three misses: suspect the buffer. Pour a fresh portion and try again.',
    'With a fresh portion too: suspect the probe. Soak it overnight, or fit a new one; you can accept the miss for today.',
  ],
  ec: [
    'A second try usually lands closer: shake off the rinse water, tap off bubbles, wait until it is still, adjust again.',
    'Two misses: scrub the face until water spreads over all of it, rinse, try again.',
    'Three misses: suspect the standard, dried out or thinned by rinse water. Pour a fresh portion and try again.',
    'With a fresh portion too: suspect the probe. Fit a new one; you can accept the miss for today.',
  ],
};

/** The help for the nth miss, counted from 1. */
export function missHelp(quantity: Quantity, attempt: number): string {
  const all = HELP[quantity];
  return all[Math.min(Math.max(attempt, 1), all.length) - 1]!;
}

/**
 * The press that tries the nth miss once more; a confirmation that missed is mended by setting its
 * point anew, in the cup of that name.
 */
export function missPress(misses: number, anewIn: string | undefined): string {
  switch (remedyAfter(misses)) {
    case 'cleaning':
      return anewIn ? decideSays.cleanedSetAnew : decideSays.cleanedRepeat;
    case 'freshPortion':
      return anewIn ? decideSays.freshPortionSetAnew : decideSays.freshPortionRepeat;
    case 'none':
      if (anewIn) return decideSays.setAnew(anewIn);
      return misses > 1 ? decideSays.repeatOnceMore : decideSays.repeatThisPoint;
  }
}

/** What a pen found out of tolerance and left so needs, by what it was found to be. */
export function leftOutAdvice(plan: BenchPlan, events: readonly BenchEvent[]): string {
  const until =
    'Until then its readings are corrected by what was found, and it counts as not to be trusted.';
  if (plan.quantity === 'ph')
    return `Clean it, let it rest in storage solution and check again. ${until}`;
  const cup = plan.cups[0]!;
  const { reading } = dipReading(events, 'asFound', cup.id);
  const low = reading !== undefined && judgeDip(plan, cup, 'asFound', reading.shown).error < 0;
  const why = low
    ? 'Low is nearly always a dirty face or an air bubble: clean the face, tap off bubbles, check again.'
    : 'High is nearly always a standard that has dried out or caught something: take a fresh portion, check again.';
  const last = plan.adjustable ? 'adjust it' : 'fit a new probe';
  return `${why} If it still misses, ${last}. ${until}`;
}
