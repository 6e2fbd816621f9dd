/** A pen's state in a word. */
export type PenWord = 'ready' | 'checkDue' | 'cantBeTrusted' | 'unverified';

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
}

/** Drift beyond this many tolerances and the pen can't be trusted at all. */
export const TRUST_LIMIT_TOLERANCES = 4;

/** The word for one side of a pen: never checked, left out or drifted too far, due, or ready. */
export function penWord(facts: PenFacts): PenWord {
  if (!facts.checked) return 'unverified';
  const drifted = facts.driftExpandedU > TRUST_LIMIT_TOLERANCES * facts.tolerance;
  if (facts.leftOut || drifted) return 'cantBeTrusted';
  return facts.dueAtMs !== undefined && facts.nowMs >= facts.dueAtMs ? 'checkDue' : 'ready';
}

/** The words, the most urgent first. */
export const PEN_WORDS_WORST_FIRST: readonly PenWord[] = [
  'cantBeTrusted',
  'unverified',
  'checkDue',
  'ready',
];

/** The word for a pen with several sides: the worst of them. */
export function worstWord(words: readonly PenWord[]): PenWord {
  return PEN_WORDS_WORST_FIRST.find((word) => words.includes(word)) ?? 'ready';
}
