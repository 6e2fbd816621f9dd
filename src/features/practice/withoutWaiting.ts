import type { Played, Practice } from '@/core/practice';
import { act, type World } from '@/core/simulated-pen';
import type { DoneAct } from './useRun';

/** The steps of a run as they are listed: waiting is left out, but for a wait in which something went wrong. */
export function withoutWaiting({ steps }: Played, practice: Practice): readonly DoneAct[] {
  let world: World = practice.start;
  const listed: DoneAct[] = [];
  for (const { act: what, tick, mistakes } of steps) {
    world = act(world, what);
    const waits = what.do === 'wait' || what.do === 'waitStill';
    if (!waits || mistakes.length > 0) listed.push({ act: what, tick, after: world, mistakes });
  }
  return listed;
}
