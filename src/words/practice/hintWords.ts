import type { TaskId } from '@/core/practice';
import type { World } from '@/core/simulated-pen';
import { counted } from '@/words';

/** What to do next in tasks that are more than a check; undefined where the check itself goes on. */
type Hint = (world: World) => string | undefined;

const found = ({ notes }: World) => notes.some(({ what }) => what.startsWith('found'));
const ready = ({ probe }: World) => probe.hydration > 0.9 && probe.reference > 0.8;

const SOAK = 'Cap it with storage solution and let 24 h pass, under More.';

/** The hint of a task, for tasks that have one. */
export const TASK_HINTS: Partial<Readonly<Record<TaskId, Hint>>> = {
  newPen: (world) => {
    if (world.probe.crystals > 0.2)
      return 'Take the cap off. Dissolve the salt: Warm water, under More.';
    return ready(world) ? undefined : SOAK;
  },
  pureWater: (world) => {
    if (!found(world)) return undefined;
    return ready(world) ? undefined : SOAK;
  },
  sachets: ({ cups }) =>
    Object.values(cups).some(({ label, liquid }) => label.kind === 'buffer' && liquid.volumeMl < 1)
      ? 'Dissolve each sachet in 250 mL, under More. Rinse the spoon in between.'
      : undefined,
  greasyCell: (world) => {
    if (!found(world) || world.points.length > 0) return undefined;
    if (world.wetFilm) return 'Water spreads. Rinse, shake, dip again and compare.';
    return 'Far too low: a dirty face, most likely. Scrub it under More, then do the wet-film test.';
  },
  oldSlow: (world) =>
    world.notes.length >= 2
      ? 'Look how far apart the two cups are, and how slow it is. Decide below.'
      : undefined,
  lookBack: (world) =>
    world.notes.length >= 2 && world.tip.at === 'cap'
      ? 'Nobody knows when it moved: take it as even over the 8 days. Answer below.'
      : undefined,
  hardWater: ({ tip, jar, tank, productMl }) => {
    if (productMl > 0)
      return 'Let 12 minutes pass, under More. Rinse, dip in the tank, read again.';
    if (tip.at === 'cap') return 'Take the cap off, switch the pen on and read the tank.';
    const started = (jar?.volumeMl ?? 0) > 1000.01;
    if (!started) return 'Dip in the jar. Add drops, stir, wait and read, until it is at 6.0 pH.';
    const times = (tank?.volumeL ?? 0) / 50;
    const drops = Math.round(((jar?.volumeMl ?? 1000) - 1000) / 0.05);
    return `${counted(drops, 'drop')} so far. At 6.0 pH the tank needs drops × 0.05 mL × ${times}. Pour 80 % of that first.`;
  },
  chasing: ({ tip, productMl }) => {
    if (tip.at === 'cap') return 'Take the cap off, switch the pen on and read the tank.';
    if (productMl === 0) return 'Pour a first step: 10 mL of acid.';
    return 'Let 12 minutes pass, under More. Then read again before anything else.';
  },
  tapWater: ({ tip, notes, answers }) => {
    if (answers.isItRight) return undefined;
    if (tip.at === 'cap' || notes.length === 0)
      return 'Take the cap off, switch it on and dip in the tap water. Write down what it shows.';
    return undefined;
  },
};
