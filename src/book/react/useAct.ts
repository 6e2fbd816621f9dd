import { useCallback, useRef, useState } from 'react';
import type { Act } from '@/acts';
import type { ActId } from '@/records';
import { useBook } from './BookProvider';

/** The same again within this time of being done is the second tap of one press, ms. */
const SAME_AGAIN_MS = 2500;

const INSTANT = /"\d{4}-\d\d-\d\dT[\d:.]+Z"/g;

/**
 * What an act does, whatever the second it is done in and whatever it was pressed upon: after the first
 * tap the screen may know the record as that tap left it.
 */
const contentOf = ({ changes }: Act) =>
  JSON.stringify(changes.map((change) => ({ ...change, parents: undefined }))).replace(
    INSTANT,
    '"then"',
  );

interface Latch {
  readonly state: 'free' | 'going' | 'done';
  readonly content: string;
  readonly doneMs: number;
  readonly actId?: ActId | undefined;
  readonly going?: Promise<unknown>;
}

/**
 * Does an act once, however often it is pressed: a latch closes at the press, not a render later,
 * and the act has its id before it is sent. Answers the records it wrote; undefined where it was not
 * done (pressed twice, or it failed and was let be), and then the screen stays as it is. Pressing
 * again after a failure tries again, with what is typed by then. Where one act after the other may be
 * pressed (`oneByOne`: settings, an order), another one waits for the first instead of being dropped.
 */
export function useAct({ oneByOne = false } = {}) {
  const { acts } = useBook();
  const latch = useRef<Latch>({ state: 'free', content: '', doneMs: 0 });
  const [busy, setBusy] = useState(false);
  const act = useCallback(
    async (what: Act): Promise<readonly string[] | undefined> => {
      const content = contentOf(what);
      if (oneByOne && latch.current.content !== content) await latch.current.going;
      const held = latch.current;
      const told = acts.current()?.kind;
      const failed = told === 'failed';
      if (held.state === 'going' && !failed) return undefined;
      // What was taken back meanwhile is meant when it is pressed once more.
      const sameAgain = held.state === 'done' && held.content === content && told !== 'takenBack';
      if (sameAgain && Date.now() - held.doneMs < SAME_AGAIN_MS) return undefined;
      if (failed) acts.leaveFailed();
      // The same thing once more keeps its id: should the first try have arrived, it is one act.
      const retries = held.state !== 'done' && held.content === content && held.actId;
      const actId = retries || acts.newActId();
      const going = acts.run(what, actId);
      const mine: Latch = { state: 'going', content, doneMs: 0, actId, going };
      latch.current = mine;
      setBusy(true);
      const done = await going;
      if (latch.current !== mine) return done;
      latch.current = { ...mine, state: done ? 'done' : 'free', doneMs: Date.now() };
      setBusy(false);
      return done;
    },
    [acts, oneByOne],
  );
  return { act, busy };
}
