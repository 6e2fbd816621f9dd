import { useCallback, useEffect, useRef, useState } from 'react';
import { noticeMistakes, type Done, type MistakeKind, type Practice } from '@/core/practice';
import { act, type Act, type World } from '@/core/simulated-pen';
import { runStore, type RunStore } from './runStore';

/** One act as it stands in the list: with the bench after it, and what was wrong with it. */
export interface DoneAct {
  readonly act: Act;
  readonly tick: number;
  readonly after: World;
  readonly mistakes: readonly MistakeKind[];
}

/** A practice under way. */
export interface Run {
  readonly practice: Practice;
  readonly store: RunStore;
  /** Everything done, waiting included, as a replay needs it. */
  readonly acts: () => readonly Act[];
  /** What was done by hand, newest last. */
  readonly done: readonly DoneAct[];
  readonly speed: number;
  readonly setSpeed: (speed: number) => void;
  readonly doIt: (...acts: readonly Act[]) => void;
}

/** The shortest step of the bench's time, s. */
const STEP_S = 0.5;
/** The page follows the bench this often, ms: as often as a real display changes. */
const DRAWN_EVERY_MS = 400;

/** A page that slept does not catch up: at most so much of its time counts, s. */
const MOST_AT_ONCE_S = 0.25;

/**
 * A run on the page. While `going`, time passes: real seconds times the speed, in whole steps. Waiting is kept as one act
 * however many frames it took, so that a replay is short.
 */
export function useRun(practice: Practice, going: boolean): Run {
  const world = useRef(practice.start);
  const acts = useRef<Act[]>([]);
  const past = useRef<Done[]>([]);
  const [store] = useState(() => runStore(practice.start));
  const [done, setDone] = useState<readonly DoneAct[]>([]);
  const [speed, setSpeed] = useState(1);

  const step = useCallback(
    (what: Act): DoneAct => {
      const before = world.current;
      const seen = noticeMistakes({ before, what, past: past.current, practice });
      const made = act(before, what);
      world.current = made;
      past.current.push({ act: what, tick: before.tick });
      const kinds = [...new Set(seen.map(({ kind }) => kind))];
      return { act: what, tick: before.tick, after: world.current, mistakes: kinds };
    },
    [practice],
  );

  const pass = useCallback(
    (seconds: number) => {
      const waited = step({ do: 'wait', seconds });
      const last = acts.current.at(-1);
      if (last?.do === 'wait')
        acts.current[acts.current.length - 1] = { do: 'wait', seconds: last.seconds + seconds };
      else acts.current.push(waited.act);
      // A point may be taken by itself while one waits.
      if (waited.mistakes.length > 0) setDone((all) => [...all, waited]);
    },
    [step],
  );

  useEffect(() => {
    if (!going) return undefined;
    let [frame, before, owed, drawn] = [0, performance.now(), 0, 0];
    const tick = (now: number) => {
      const real = Math.min(MOST_AT_ONCE_S, (now - before) / 1000);
      before = now;
      owed += real * speed;
      const steps = Math.floor(owed / STEP_S);
      if (steps > 0) {
        owed -= steps * STEP_S;
        pass(steps * STEP_S);
        if (now - drawn >= DRAWN_EVERY_MS) {
          drawn = now;
          store.set(world.current);
        }
      }
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [going, speed, pass, store]);

  const doIt = useCallback(
    (...all: readonly Act[]) => {
      const made = all.map((what) => {
        acts.current.push(what);
        return step(what);
      });
      store.set(world.current);
      setDone((before) => [...before, ...made]);
    },
    [step, store],
  );
  return { practice, store, acts: () => acts.current, done, speed, setSpeed, doIt };
}
