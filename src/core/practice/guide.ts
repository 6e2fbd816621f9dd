import {
  type CupId,
  makeEcPlan,
  makePhPlan,
  nextBenchStep,
  type BenchEvent,
  type BenchPlan,
  type BenchStep,
} from '../procedure';
import {
  type PracticeCupId,
  pressOfSide,
  TICKS_PER_S,
  type Side,
  type SimProfile,
  type World,
} from '../simulated-pen';
import { kindOfNominal } from '../buffers';

/** Where the buffers' tables begin and end, °C. */
const ALWAYS = [0, 50] as const;

/** The plan that the real Bench would make for a side of this pen at this temperature. */
function planFor(profile: SimProfile, side: Side, tempC: number): BenchPlan {
  // A cup of a value that no recipe has stays at it: its own label tells no more.
  const lotFor = (nominal: number) =>
    side === 'ec' || kindOfNominal(nominal)
      ? undefined
      : { lotId: String(nominal), labelTable: ALWAYS.map((at) => ({ tempC: at, value: nominal })) };
  const sitting = { tempC, policy: 'normal' as const, lotFor };
  if (side === 'ph') return makePhPlan(profile.ph!, sitting);
  const plan = makeEcPlan(profile.ec!, sitting);
  return pressOfSide(profile, 'ec').by === 'none' ? { ...plan, adjustable: false } : plan;
}

/** Cups of the practice by the ids that a plan gives them. */
const planCupId = (cup: PracticeCupId): CupId => cup.replace(/^ec/, '');

/** What was written down and taken so far, as the Bench would keep it. */
function eventsOf(world: World, plan: BenchPlan): readonly BenchEvent[] {
  const ids = new Set(plan.cups.map(({ id }) => id));
  const atMs = (tick: number) => (1000 * tick) / TICKS_PER_S;
  const found = world.notes.flatMap(({ what, shown, tick }): readonly BenchEvent[] => {
    const [phase, cup = ''] = what.split(' ');
    const cupId = planCupId(cup);
    if (!ids.has(cupId)) return [];
    if (phase === 'found')
      return [{ type: 'read', phase: 'asFound', cupId, shown, atMs: atMs(tick) }];
    if (phase === 'confirm')
      return [{ type: 'read', phase: 'confirm', cupId, shown, atMs: atMs(tick) }];
    return [];
  });
  const taken = world.points.flatMap(({ cup, shown, tick }): readonly BenchEvent[] => {
    const cupId = planCupId(cup);
    return ids.has(cupId)
      ? [{ type: 'read', phase: 'asLeft', cupId, shown, atMs: atMs(tick) }]
      : [];
  });
  const adjust: readonly BenchEvent[] = taken.length > 0 ? [{ type: 'adjust' }] : [];
  const at = (event: BenchEvent) => ('atMs' in event ? event.atMs : 0);
  return [...adjust, ...[...found, ...taken].sort((a, b) => at(a) - at(b))];
}

/** What the Bench would ask for next at this bench. */
export function guideStep(
  world: World,
  side: Side,
): { readonly plan: BenchPlan; readonly step: BenchStep } {
  const plan = planFor(world.profile, side, world.roomC);
  return { plan, step: nextBenchStep(plan, eventsOf(world, plan)) };
}

/**
 * What a number written down now is of: as found before a point was set in this cup, afterwards confirming;
 * elsewhere the cup itself. Undefined where the tip is in none.
 */
export function noteFor({ tip, cups, points }: World): string | undefined {
  if (tip.at !== 'cup') return undefined;
  const { cup } = tip;
  const kind = cups[cup]?.label.kind;
  if (kind !== 'buffer' && kind !== 'standard') return cup;
  // Points of the other side say nothing of this one.
  const setBefore = points.some((point) => cups[point.cup]?.label.kind === kind);
  return setBefore ? `confirm ${cup}` : `found ${cup}`;
}
