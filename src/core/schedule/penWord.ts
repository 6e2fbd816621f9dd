/** A pen's state in a word. */
export type PenWord = 'ready' | 'checkDue' | 'cantBeTrusted' | 'unverified' | 'soaking' | 'resting';

/** What decides it, for one side of a pen. */
export interface PenFacts {
  readonly checked: boolean;
  /** The newest check ended out of tolerance and nothing was adjusted. */
  readonly leftOut: boolean;
  /** Drift's share of ±, and the tolerance, both in the same unit. */
  readonly driftExpandedU: number;
  readonly tolerance: number;
  readonly dueAtMs?: number | undefined;
  readonly nowMs: number;
  /** A soak runs until then; the probe is unready. */
  readonly soakUntilMs?: number | undefined;
  /** Put away for a long rest. */
  readonly resting?: boolean | undefined;
}

/** Drift beyond this many tolerances and the pen can't be trusted at all. */
export const TRUST_LIMIT_TOLERANCES = 4;

/**
 * The word for one side of a pen: soaking or resting, never checked, left out or drifted too far,
 * due, or ready.
 */
export function penWord(facts: PenFacts): PenWord {
  const { soakUntilMs, nowMs, dueAtMs } = facts;
  if (soakUntilMs !== undefined && nowMs < soakUntilMs) return 'soaking';
  if (facts.resting) return 'resting';
  if (!facts.checked) return 'unverified';
  const drifted = facts.driftExpandedU > TRUST_LIMIT_TOLERANCES * facts.tolerance;
  if (facts.leftOut || drifted) return 'cantBeTrusted';
  return dueAtMs !== undefined && nowMs >= dueAtMs ? 'checkDue' : 'ready';
}

/** The words, the most urgent first. */
export const PEN_WORDS_WORST_FIRST: readonly PenWord[] = [
  // A probe in its soak cannot be checked, whatever else holds.
  'soaking',
  'cantBeTrusted',
  'unverified',
  'checkDue',
  'resting',
  'ready',
];

/** The word for a pen with several sides: the worst of them. */
export function worstWord(words: readonly PenWord[]): PenWord {
  return PEN_WORDS_WORST_FIRST.find((word) => words.includes(word)) ?? 'ready';
}
