import fc from 'fast-check';
import {
  addReagent,
  conditionsAt,
  solutionFrom,
  solvePh,
  type Product,
  type Solution,
} from '../chemistry';
import type { Band, Verdict } from '../verdict';
import { TrueTank, anyHistory, must } from './testing/trueTank';

/** Pours into the true tank and holds what no dose may do. */
function pourHarmlessly(
  tank: TrueTank,
  {
    product,
    amount,
    band,
    verdict,
  }: { product: Product; amount: number; band: Band; verdict: Verdict },
) {
  const before = tank.ph;
  tank.pour(product, amount);
  const after = tank.ph;
  const beyond = verdict === 'high' ? band.low - after : after - band.high;
  expect(beyond).toBeLessThanOrEqual(0.3);
  expect(Math.abs(after - before)).toBeLessThanOrEqual(1);
}

test('no proposed dose, whatever was filled, fed, booked or aired before, goes 0.3 past the far edge or moves more than 1 pH', () => {
  const seen = { fresh: 0, inUse: 0 };
  fc.assert(
    fc.property(anyHistory, (history) => {
      const tank = new TrueTank(history);
      history.acts.forEach((act) => tank.live(act));
      const { plan, product, band, verdict } = tank.plan();
      if (!plan.ok) return;
      seen[tank.kind] += 1;
      pourHarmlessly(tank, { product, amount: plan.value.firstAmount, band, verdict });
    }),
    { seed: 20260520, numRuns: 12, endOnFailure: true },
  );
  // Every kind of history was met, not only the easy ones.
  expect(seen.fresh).toBeGreaterThan(0);
  expect(seen.inUse).toBeGreaterThan(0);
});

test('nor does a jar test made with a coarse hand: drops, dilution and litre a few percent off, a few drops at a time', () => {
  const seen = { poured: 0, capped: 0, coarse: 0 };
  fc.assert(
    fc.property(anyHistory, (history) => {
      const tank = new TrueTank(history);
      history.acts.forEach((act) => tank.live(act));
      const { plan, product, band, verdict } = tank.jar();
      if (!plan.ok) {
        if (plan.refusal.reason === 'stepsTooLarge') seen.coarse += 1;
        return;
      }
      seen.poured += 1;
      if (plan.value.limitedBy !== 'firstStep') seen.capped += 1;
      pourHarmlessly(tank, { product, amount: plan.value.firstMl, band, verdict });
    }),
    { seed: 20260521, numRuns: 12, endOnFailure: true },
  );
  expect(seen.poured).toBeGreaterThan(0);
  expect(seen.capped).toBeGreaterThan(0);
});

test('the trap itself: an aired feed planned by its source’s alkalinity would end near pH 3', () => {
  const at = must(conditionsAt({ tempC: 20, ecMsPerCm: 2 }));
  const totals = { phosphate: 0.001, ammonium: 0.0006 };
  const truth = must(solutionFrom(at, { ph: 6.8, totals, known: { kind: 'aired' } }));
  const wrong = must(
    solutionFrom(at, { ph: 6.8, totals: {}, known: { kind: 'report', alkalinityMolPerL: 0.0033 } }),
  );
  const toAim = (solution: Solution) => {
    let mol = 0;
    while (solvePh(addReagent(solution, 'nitric', mol)).ph > 5.8) mol += 1e-5;
    return mol;
  };
  expect(solvePh(addReagent(truth, 'nitric', toAim(wrong))).ph).toBeLessThan(3.4);
});
