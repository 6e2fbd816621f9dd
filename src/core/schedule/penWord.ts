/** A pen's state in a word. */
export type PenWord =
  'ready' | 'checkDue' | 'cantBeTrusted' | 'unverified' | 'soaking' | 'resting' | 'gone';

/** What decides it, for one side of a pen. */
export interface PenFacts {
  readonly checked: boolean;
  /** The newest check ended out of tolerance and nothing was adjusted. */
  readonly leftOut: boolean;
  /** Its numbers are none a working pen has. */
  readonly broken?: boolean | undefined;
  /** Its error is too unsure for any number. */
  readonly unknown?: boolean | undefined;
  /** Something befell it since its check: it is due, and unsure because of that. */
  readonly eventDue?: boolean | undefined;
  /** The ± of its error, and above which it can't be trusted, both in the same unit. */
  readonly expandedU: number;
  readonly trustedBelow: number;
  readonly dueAtMs?: number | undefined;
  readonly nowMs: number;
  /** A soak runs until then; the probe is unready. */
  readonly soakUntilMs?: number | undefined;
  /** Lost, sold or broken: it is no longer there. */
  readonly gone?: boolean | undefined;
  /** Put away for a long rest. */
  readonly resting?: boolean | undefined;
}

/**
 * The word for one side of a pen: gone, soaking or resting, never checked, broken, left out or too unsure,
 * due, or ready.
 */
export function penWord(facts: PenFacts): PenWord {
  const { soakUntilMs, nowMs, dueAtMs } = facts;
  if (facts.gone) return 'gone';
  if (soakUntilMs !== undefined && nowMs < soakUntilMs) return 'soaking';
  if (facts.resting) return 'resting';
  if (!facts.checked) return 'unverified';
  const unsure = facts.expandedU > facts.trustedBelow;
  if (facts.broken || facts.leftOut) return 'cantBeTrusted';
  if (facts.eventDue) return 'checkDue';
  if (facts.unknown || unsure) return 'cantBeTrusted';
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
  'gone',
  'ready',
];

/** The word for a pen with several sides: the worst of them. */
export function worstWord(words: readonly PenWord[]): PenWord {
  return PEN_WORDS_WORST_FIRST.find((word) => words.includes(word)) ?? 'ready';
}
