import { conditionsAt, type Product } from '../../src/core/chemistry';
import { doseCurve, planDose, type DoseInput } from '../../src/core/dosing';
import {
  FEED_FACTOR,
  IN_USE_CO2_SIGMA,
  beliefsOf,
  type Session,
  type TankEvent,
  type Told,
} from '../../src/core/tank-belief';
import { timed } from './measure';

const nitric: Product = {
  reagent: 'nitric',
  strength: { kind: 'percentByMass', percent: 38, densityGPerMl: 1.235 },
};
const unknown: Product = { reagent: 'strongAcid', strength: { kind: 'unknown' } };
const WHOLE_MS_PER_CM = 2;

const fresh: Told = {
  kind: 'fresh',
  water: { alkalinityMolPerL: 4.3e-3 },
  alkalinitySigma: 0.223,
  feedMsPerCm: 0,
  factor: FEED_FACTOR.unknown,
};
const inUse: Told = {
  kind: 'inUse',
  feedMsPerCm: WHOLE_MS_PER_CM,
  factor: FEED_FACTOR.unknown,
  co2Sigma: IN_USE_CO2_SIGMA,
};

/** A session of one dose that was read. */
function sessionOf(told: Told, product: Product): Session {
  const at = conditionsAt({ tempC: 20, ecMsPerCm: WHOLE_MS_PER_CM });
  if (!at.ok) throw new Error('conditions');
  const reading = (minutes: number, ph: number): TankEvent => ({
    kind: 'reading',
    atMs: 60_000 * minutes,
    ph,
    stdU: 0.045,
    digitPh: 0.01,
    penId: 'P',
    at: at.value,
  });
  const strange = product === unknown;
  const dose: TankEvent = {
    kind: 'dose',
    atMs: 0,
    reagent: product.reagent,
    perL: strange ? 3e-5 : 1e-4,
    unknownId: strange ? 'X' : undefined,
  };
  return { told, events: [reading(0, 6.9), dose, reading(20, 6.7)] };
}

/** Prints what a belief of one dose and a plan from it take, where they are worked out: in the worker. */
export function benchChemistry(): void {
  console.log('\nThe tank, medians');
  for (const [name, told, product] of [
    ['fresh', fresh, nitric],
    ['in use', inUse, nitric],
    ['unknown strength', inUse, unknown],
  ] as const) {
    const session = sessionOf(told, product);
    const belief = timed(() => beliefsOf([session], WHOLE_MS_PER_CM)!, 11);
    const input: DoseInput = {
      beliefs: belief.result,
      volumeL: 100,
      band: { low: 5.5, high: 6.2 },
      product,
      digitPh: 0.01,
      rereadMinutes: 15,
      verdict: 'high',
      nowMs: 0,
    };
    const plan = timed(() => planDose(input), 11);
    const curve = timed(() => doseCurve(input), 11);
    const first = plan.result.ok ? plan.result.value.firstAmount.toFixed(3) : '–';
    console.log(
      `  ${name}: ${belief.result[0]!.belief.nodes.count} nodes, belief ${belief.ms.toFixed(1)} ms, plan ${plan.ms.toFixed(1)} ms (${first} mL), curve ${curve.ms.toFixed(1)} ms`,
    );
  }
}
