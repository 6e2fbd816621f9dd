import type { Addition, JarTest } from '@/records/kinds';
import { make, revise, type Act, type Known } from './act';
import type { PlainlyDone } from './done';
import { patchedTank, type KnownTank } from './tankActs';

/** A dose that was poured. `amount` is how the screen wrote it, with its unit. */
export const pourDose = (body: Addition, amount: string): Act => ({
  done: { what: 'poured', amount, product: body.productName },
  changes: [make('addition', body)],
});

/** A jar test with the dose that was poured by it. */
export const pourByJar = (jar: JarTest, dose: Addition, amount: string): Act => ({
  done: { what: 'pouredByJar', amount, product: dose.productName },
  changes: [make('jarTest', jar), make('addition', dose)],
});

/** Stock or water for a tank's EC; `gain` is what the label says of the stock, where it is new. */
export const correctEc = (
  tank: KnownTank,
  additions: readonly Addition[],
  gainMsPerCm: number | undefined,
): Act => {
  const isNew = gainMsPerCm !== undefined && gainMsPerCm !== tank.written.stockGainMsPerCm;
  return {
    done: { what: 'pouredForEc' },
    changes: [
      ...additions.map((body) => make('addition', body)),
      ...(isNew ? [patchedTank(tank, { stockGainMsPerCm: gainMsPerCm })] : []),
    ],
  };
};

const WATER_DONE: Partial<Record<Addition['what'], PlainlyDone>> = {
  change: 'waterChanged',
  drain: 'waterDrained',
};

/** Water poured in, drained off, or a whole change. */
export const moveWater = (body: Addition): Act => ({
  done: { what: WATER_DONE[body.what] ?? 'waterToppedUp' },
  changes: [make('addition', body)],
});

/** A dose that is not to be learned from, or is again. */
export const excludeDose = (dose: Known<'addition'> & { readonly body: Addition }): Act => {
  const excluded = dose.body.excluded ? undefined : true;
  return {
    done: { what: excluded ? 'doseLeftOut' : 'doseCounts' },
    changes: [revise('addition', dose, { ...dose.body, excluded })],
  };
};

/** What was read contradicts what was told of the water: from here on what fits is believed too. */
export const takeWhatFits = (dose: Known<'addition'> & { readonly body: Addition }): Act => ({
  done: { what: 'tookWhatFits' },
  changes: [revise('addition', dose, { ...dose.body, tookWhatFits: true })],
});

/** Stirred by hand: mixed now, by the grower's word. */
export const callMixed = (
  poured: Known<'addition'> & { readonly body: Addition },
  nowMs: number,
): Act => ({
  done: { what: 'mixed' },
  changes: [
    revise('addition', poured, { ...poured.body, rereadAt: new Date(nowMs).toISOString() }),
  ],
});
