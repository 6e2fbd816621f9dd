import { DAY_MS } from './units';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { bufferPhAt } from './buffers';
import {
  addReagent,
  airedOut,
  conditionsAt,
  molPerLToReach,
  molPerUnit,
  solutionFrom,
  solvePh,
  type CarbonateKnown,
  type Totals,
} from './chemistry';
import { expectedStandardEc, fitAlpha } from './conductivity';
import { dilute, jarTestDose, planJar, rightShare } from './dosing';
import {
  daysWithin,
  knownOf,
  makePenTrack,
  stateAsToldThen,
  stateAt,
  type PenState,
} from './drift';
import { EXAMPLE_EVENTS } from './drift/testing/workedExample';
import { compensatedPh, nernstSlopeMvPerPh } from './electrode';
import { forecastLeaving, tankTrend } from './forecast';
import { assess } from './readings';
import type { Result } from './result';
import { fitApproach } from './stillness';
import { beliefOf, stepOf } from './tank-belief';
import { judgeReading } from './verdict';

const doc = readFileSync(join(__dirname, '../../docs/science.md'), 'utf8');
const examples = [...doc.matchAll(/`(\w+) = (-?[\d.]+)`/g)].map(
  ([, name = '', value = '']) => [name, value] as const,
);

const valueOf = <T>(result: Result<T, { readonly reason: string }>): T => {
  if (!result.ok) throw new Error(result.refusal.reason);
  return result.value;
};
const jar = {
  sampleL: 1,
  dilution: 50,
  dropMl: 0.05,
  points: [
    { drops: 0, ph: 6.7 },
    { drops: 10, ph: 6.2 },
    { drops: 15, ph: 5.8 },
  ],
};
const track = makePenTrack({
  quantity: 'ph',
  accuracy: 0.1,
  repeatStdU: 0.015,
  firstUseMs: 0,
  events: EXAMPLE_EVENTS,
});
/** The first step into fresh hard water, nitric acid, as the tank's worked example has it. */
const tankStep = () => {
  const water = { alkalinityMolPerL: 4.3e-3, calciumMolPerL: 1.5e-3, magnesiumMolPerL: 5e-4 };
  const factor = { median: 1, sigma: 0 };
  const at = valueOf(conditionsAt({ tempC: 20, ecMsPerCm: 0.6 }));
  const belief = beliefOf({
    told: { kind: 'fresh', water, alkalinitySigma: 0.223, feedMsPerCm: 0, factor },
    events: [{ kind: 'reading', atMs: 0, ph: 7.6, stdU: 0.045, digitPh: 0.01, penId: 'P', at }],
  })!;
  return stepOf(belief, { reagent: 'nitric', band: { low: 5.5, high: 6.2 }, aimPh: 5.85 });
};
const known = (node: number) => knownOf(track.bank, track.bank.nodes[node]!);
const read = (shown: number, state: PenState) =>
  valueOf(
    assess({
      quantity: 'ph',
      shown,
      tempC: 25,
      pen: { resolutionPh: 0.01, hasAtc: true },
      state,
    }),
  );
const day = (count: number) => count * DAY_MS;
const solution = (
  [tempC, ecMsPerCm]: readonly [number, number],
  ph: number,
  known: CarbonateKnown,
  totals: Totals = {},
) => valueOf(solutionFrom(valueOf(conditionsAt({ tempC, ecMsPerCm })), { ph, totals, known }));
const pure = () => ({
  ...solution([25, 0], 7, { kind: 'aired' }),
  carbonate: { kind: 'closed', carbonMolPerL: 0 } as const,
  strongIonDifferenceMolPerL: 0,
});
const hard = () => solution([15, 0.52], 7.6, { kind: 'report', alkalinityMolPerL: 3.3e-3 });
const salts = { phosphate: 1e-3, ammonium: 0.6e-3 };
const feed = (ph = 6.7) => solution([20, 2], ph, { kind: 'aired' }, salts);
const asSource = () => solution([20, 2], 6.7, { kind: 'report', alkalinityMolPerL: 3.3e-3 }, salts);
const days = [5.8, 5.86, 5.91, 5.95, 6, 6.06].map((value, day) => ({
  atMs: day * DAY_MS,
  value,
  stdU: 0.03,
}));
const leaving = () => valueOf(forecastLeaving(days, { low: 5.5, high: 6.2 }, 5 * DAY_MS)).atMs!;

/** Each example of the page, computed by the code the app runs. */
const COMPUTED: Readonly<Record<string, () => number>> = {
  buffer700At20_5: () => valueOf(bufferPhAt({ kind: 'technical-7.00', nominalPh: 7 }, 20.5)),
  buffer918At12: () => valueOf(bufferPhAt({ kind: 'borax-9.18', nominalPh: 9.18 }, 12)),
  standard1413At15: () =>
    valueOf(expectedStandardEc({ nominalMsPerCm: 1.413 }, 15, { alphaPerC: 0.02, referenceC: 25 })),
  alphaOfKcl: () =>
    valueOf(
      fitAlpha([
        { tempC: 15, ecMsPerCm: 1.147 },
        { tempC: 20, ecMsPerCm: 1.278 },
        { tempC: 25, ecMsPerCm: 1.413 },
      ]),
    ).alphaPerC,
  nernstAt25: () => nernstSlopeMvPerPh(25),
  withoutAtc: () => compensatedPh(5.5, { calibratedC: 15, usedC: 25 }),
  foundLevel: () => known(1).level,
  foundGain: () => known(1).gain,
  bridgedLevel: () => stateAt(track, day(17)).level,
  bridgedU: () => Math.sqrt(stateAt(track, day(17)).variance.level),
  toldThen: () => read(6.1, stateAsToldThen(track, day(31))).value,
  toldThenU: () => read(6.1, stateAsToldThen(track, day(31))).expandedU,
  knownNow: () => read(6.1, stateAt(track, day(31))).value,
  liveU: () => read(5.8, stateAt(track, day(45))).expandedU,
  dueDays: () => daysWithin(track, known(2), { lever: -1, tolerance: { low: -0.1, high: 0.1 } }),
  approachAt60: () => {
    const dip = Array.from({ length: 121 }, (_, at) => ({
      atS: at / 2,
      shown: 4.01 + 2.99 * Math.exp(-at / 40),
    }));
    const { endValue, tauS } = valueOf(fitApproach(dip, 0.01));
    return endValue + (7 - endValue) * Math.exp(-60 / tauS);
  },
  pIn: () => judgeReading(5.55, { stdU: 0.04 }, { low: 5.5, high: 6.5 }).pIn,
  slopePerDay: () => valueOf(tankTrend(days)).fit.slope,
  leavesInDays: () => leaving() / DAY_MS - 5,
  nitricInPure: () => solvePh(addReagent(pure(), 'nitric', 1e-3)).ph,
  rain: () => solvePh(airedOut(pure())).ph,
  hardToAim: () => 1000 * molPerLToReach(hard(), 'nitric', 5.8),
  hardAirsTo: () =>
    solvePh(airedOut(addReagent(hard(), 'nitric', molPerLToReach(hard(), 'nitric', 5.8)))).ph,
  feedToAim: () => 1000 * molPerLToReach(feed(), 'nitric', 6),
  trapEndsAt: () =>
    solvePh(addReagent(feed(), 'nitric', molPerLToReach(asSource(), 'nitric', 6))).ph,
  kohUp: () => 1000 * molPerLToReach(feed(5.2), 'koh', 5.8),
  nitric38: () =>
    1000 *
    valueOf(
      molPerUnit({
        reagent: 'nitric',
        strength: { kind: 'percentByMass', percent: 38, densityGPerMl: 1.235 },
      }),
    ),
  firstStep: () => 1000 * 100 * (tankStep().perL / 7.448),
  inAll: () => 1000 * 100 * (tankStep().inAllPerL / 7.448),
  rightOfDose: () =>
    rightShare(
      { ecMsPerCm: 1.4, tempC: 25, water: { kind: 'inUse' } },
      { shownPh: 7, truePh: 6.6, aimPh: 6 },
    )!,
  jarFirstMl: () =>
    valueOf(
      planJar({
        jar,
        aimPh: 6.1,
        tankVolumeL: 420,
        band: { low: 5.5, high: 6.5 },
        verdict: 'high',
        phStdU: 0.03,
        reagent: 'nitric',
        sampledMs: 0,
        nowMs: 0,
      }),
    ).firstMl,
  jarMl: () => valueOf(jarTestDose(jar, { aimPh: 6.1, tankVolumeL: 420 })).doseMl,
  diluteL: () =>
    valueOf(
      dilute({
        volumeL: 100,
        capacityL: 500,
        ecMsPerCm: 2.5,
        aimMsPerCm: 2,
        water: { ecMsPerCm: 0.5 },
      }),
    ).addL,
};

test('every example of the page is computed, and every computation stands on the page', () => {
  expect(examples.map(([name]) => name).sort()).toEqual(Object.keys(COMPUTED).sort());
});

test.each(examples)('%s = %s', (name, written) => {
  const decimals = written.split('.')[1]?.length ?? 0;
  // Within one unit of the last digit written.
  expect(Math.abs(COMPUTED[name]!() - Number(written))).toBeLessThanOrEqual(1.01 * 10 ** -decimals);
});
