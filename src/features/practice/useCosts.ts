import { useEffect, useState } from 'react';
import { costOf, costOrder, play, type Cost, type Played, type Practice } from '@/core/practice';
import type { Act } from '@/core/simulated-pen';

/** A run played through, and the costs worked out so far, the dearest first. */
export interface Judged {
  readonly played: Played;
  readonly costs: readonly Cost[];
  readonly whole: boolean;
}

/** Plays the run again without each kind of mistake, one at a time, so that the page goes on in between. */
export function useCosts(practice: Practice, acts: readonly Act[]): Judged {
  const [played] = useState(() => play(practice, acts));
  const [costs, setCosts] = useState<readonly Cost[]>([]);
  const [kinds] = useState(() => [...new Set(played.steps.flatMap(({ mistakes }) => mistakes))]);
  const next = kinds[costs.length];
  useEffect(() => {
    if (next === undefined) return undefined;
    const later = setTimeout(
      () => setCosts((all) => [...all, costOf(practice, { acts, real: played, kind: next })]),
      16,
    );
    return () => clearTimeout(later);
  }, [next, practice, acts, played]);
  return { played, costs: [...costs].sort(costOrder), whole: next === undefined };
}
