import { addReagent, titrationCurve, type Product } from '../../src/core/chemistry';
import { learnFactor, planDose, tankModel } from '../../src/core/dosing';
import { timed } from './measure';

const nitric: Product = {
  reagent: 'nitric',
  strength: { kind: 'percentByMass', percent: 38, densityGPerMl: 1.235 },
};

/** Prints what a dose plan and a titration curve of 200 points take. */
export function benchChemistry(): void {
  const nowMs = Date.UTC(2026, 4, 20);
  const factor = learnFactor([], { nowMs });
  const tank = {
    ph: 6.7,
    ecMsPerCm: 2,
    tempC: 20,
    volumeL: 400,
    water: { kind: 'inUse' } as const,
  };
  const model = tankModel(tank);
  if (!model.ok) throw new Error(model.refusal.reason);
  const plan = timed(
    () =>
      planDose({
        tank,
        phStdU: 0.03,
        verdict: 'high',
        band: { low: 5.8, high: 6.4 },
        product: nitric,
        factor,
        nowMs,
      }),
    401,
  );
  const doses = Array.from({ length: 200 }, (_, at) => at * 1e-5);
  const curve = timed(() => titrationCurve(model.value, 'nitric', doses), 201);
  const last = curve.result.at(-1)!;
  const checked = addReagent(model.value, 'nitric', last.molPerL).strongChargeMolPerL;
  console.log('\nThe solution core, medians');
  console.log(
    `  a dose plan: ${plan.ms.toFixed(2)} ms (limit 1), first ${plan.result.ok ? plan.result.value.firstAmount.toFixed(4) : '–'} mL`,
  );
  console.log(
    `  a curve of 200 points: ${curve.ms.toFixed(2)} ms (limit 5), ends at pH ${last.ph.toFixed(4)}, charge ${checked.toExponential(4)}`,
  );
}
