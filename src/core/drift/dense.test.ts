import { DAY_MS } from '../units';
import fc from 'fast-check';
import type { Dip } from '../calibration';
import { PEN_MODEL, makePenTrack, stateAt, type PenEvent } from './index';
import { solveDense } from './testing/dense';

const WALK = 0.006;
const model = {
  ...PEN_MODEL.ph,
  walks: [WALK],
  walkWeights: [1],
  jumpsBefore: { count: 0, days: 1 },
};

/** A dip that a quiet pen may well show. */
const dip = (truePh: number, off: number, lot: string): Dip => ({
  lever: truePh - 7,
  difference: off,
  variance: 2e-5,
  bends: false,
  lot: { key: lot, value: String(truePh), stdU: 0.0115 },
});

const history = fc.array(
  fc.record({
    days: fc.double({ min: 0.5, max: 60, noNaN: true }),
    off7: fc.double({ min: -0.02, max: 0.02, noNaN: true }),
    off4: fc.double({ min: -0.02, max: 0.02, noNaN: true }),
    oneCup: fc.boolean(),
    adjust: fc.boolean(),
    newLot: fc.boolean(),
    ask: fc.double({ min: 0.01, max: 0.99, noNaN: true }),
  }),
  { minLength: 2, maxLength: 5 },
);

test('filter, smoother and bridge tell what all equations solved at once tell', () => {
  fc.assert(
    fc.property(history, (steps) => {
      let day = 0;
      let lots = 0;
      const events: PenEvent[] = [];
      const moments: Parameters<typeof solveDense>[0]['moments'][number][] = [];
      const asked: number[] = [];
      for (const step of steps) {
        const askedDay = day + step.ask * step.days;
        day += step.days;
        if (step.newLot) lots += 1;
        const both = [dip(7, step.off7, `7/${lots}`), dip(4, step.off4, `4/${lots}`)];
        const found = step.oneCup ? both.slice(0, 1) : both;
        const adjust = step.adjust && !step.oneCup;
        const left = adjust ? [dip(7, 0.001, `7/${lots}`), dip(4, -0.002, `4/${lots}`)] : [];
        events.push({
          kind: 'check',
          atMs: day * DAY_MS,
          found,
          left,
          adjusted: adjust ? { offset: true, gain: true, bend: false } : undefined,
          afterCleaning: false,
        });
        asked.push(moments.length);
        moments.push({ day: askedDay, dips: [] }, { day, dips: found, adjust, left });
      }
      const [level, gain] = model.start;
      const [rate, gainRate] = model.rates;
      const start = [level!, gain!, rate!, gainRate!].map(
        ({ mean, stdU }) => [mean, stdU] as [number, number],
      );
      const told = solveDense({
        walk: WALK,
        gainShare: model.walkShares[1]!,
        start,
        repeatStdU: 0.015,
        adjusted: [1, 0.2],
        moments,
      });
      const track = makePenTrack({
        quantity: 'ph',
        accuracy: 0.1,
        repeatStdU: 0.015,
        firstUseMs: 0,
        events,
        model,
      });
      for (const at of asked) {
        const state = stateAt(track, moments[at]!.day * DAY_MS);
        const dense = told[at]!;
        expect(state.level).toBeCloseTo(dense.level.mean, 6);
        expect(Math.sqrt(state.variance.level)).toBeCloseTo(dense.level.stdU, 6);
        expect(state.gain).toBeCloseTo(dense.gain.mean, 6);
        expect(Math.sqrt(state.variance.gain)).toBeCloseTo(dense.gain.stdU, 6);
      }
    }),
    { numRuns: 60, seed: 20426 },
  );
});
