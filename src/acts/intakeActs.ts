import type { Change, BodyOf, IdOf, Kind } from '@/records';
import type { Intake, Reading, Session } from '@/records/kinds';
import { make, type Act } from './act';

/** A record that is named before it is written, because others name it. */
interface Named<K extends Kind> {
  readonly id: IdOf<K>;
  readonly body: BodyOf<K>;
}

/** What a table of another program brings. */
export interface Brought {
  readonly tanks: readonly Named<'tank'>[];
  readonly pens: readonly Named<'pen'>[];
  readonly readings: readonly Reading[];
  readonly sessions: readonly Session[];
  readonly intake: Intake;
}

/** A table taken in: its places and pens that are new, its readings or checks, and that it was. */
export function takeInTable({ tanks, pens, readings, sessions, intake }: Brought): Act {
  const named = <K extends 'tank' | 'pen'>(kind: K, all: readonly Named<K>[]) =>
    all.map(({ id, body }) => ({ kind, recordId: id, body }) as Change);
  return {
    done: { what: 'tableTaken', name: intake.file },
    changes: [
      make('intake', intake),
      ...named('tank', tanks),
      ...named('pen', pens),
      ...readings.map((body) => make('reading', body)),
      ...sessions.map((body) => make('session', body)),
    ],
  };
}
