import type { Change } from '@/records';
import type { Choice } from './bookApi';
import type { BookState } from './engine/bookState';

/** The changes that end conflicts: each record says what the chosen revision says. */
export const resolvingChanges = (state: BookState, choices: readonly Choice[]): readonly Change[] =>
  choices.flatMap(({ recordId, revId }): Change[] => {
    const chosen = state.revision(recordId, revId);
    if (!chosen) return [];
    const effectiveFromMs = chosen.effectiveFrom && Date.parse(chosen.effectiveFrom);
    return [
      {
        kind: chosen.kind,
        recordId,
        body: chosen.body,
        ...(effectiveFromMs ? { effectiveFromMs } : {}),
      } as Change,
    ];
  });
