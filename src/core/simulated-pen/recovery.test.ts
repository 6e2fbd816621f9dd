import { fitPhAnchor, shownPhFor, type PhMap, type PhPoint } from '../calibration';
import { DAY_MS, makePhTrack, phPenStateAt, type PhCheck } from '../drift';
import { onDisplay } from './index';
import { normalDraw, seededRandom, type Random } from '../statistics';
import { JUNCTION_STD_U_PH, REPEAT_STD_U_PH } from '../uncertainty';
import { assessPh } from '../readings';

const PEN = { resolutionPh: 0.01, accuracyPh: 0.1, hasAtc: true };
const SEEDS = 200;
const WEEK_MS = 7 * DAY_MS;

/** A hidden pen that drifts by a random walk with a trend, as the budget supposes. */
function hiddenMap(random: Random, before: PhMap): PhMap {
  return {
    offsetPh: before.offsetPh + 0.01 + 0.03 * normalDraw(random),
    gain: before.gain - 0.002 + 0.003 * normalDraw(random),
  };
}

/** A cup: the label is off by a rectangular error, the dip scatters, the display has digits. */
function cup(nominalPh: number, map: PhMap, labelErrorPh: number): PhPoint {
  const truth = nominalPh + labelErrorPh;
  const shownPh = onDisplay(shownPhFor(truth, map), PEN.resolutionPh);
  const tolerance = 0.02 / Math.sqrt(3);
  return {
    truePh: nominalPh,
    shownPh,
    standardStdU: tolerance,
    digitStdU: 0.0029,
    temperatureStdU: 0,
  };
}

const rectangle = (random: Random, bound: number) => bound * (2 * random() - 1);

/** Ten weekly checks (never adjusted), then a reading between the last two and one after the last. */
function oneHistory(seed: number) {
  const random = seededRandom(seed);
  const labels = [rectangle(random, 0.02), rectangle(random, 0.02)];
  const maps: PhMap[] = [{ offsetPh: rectangle(random, 0.1), gain: 1 + rectangle(random, 0.02) }];
  for (let week = 1; week < 10; week += 1) maps.push(hiddenMap(random, maps[week - 1]!));
  const checks = maps.map((map, week): PhCheck => {
    const points = [cup(7, map, labels[0]!), cup(4.01, map, labels[1]!)];
    const found = fitPhAnchor(points, { tempC: 25 });
    return { atMs: week * WEEK_MS, found, left: found };
  });
  const read = (map: PhMap, atMs: number) => {
    const truePh = 5.5 + random();
    const scatter = REPEAT_STD_U_PH * normalDraw(random) + JUNCTION_STD_U_PH * normalDraw(random);
    const shownPh = onDisplay(shownPhFor(truePh, map) + scatter, PEN.resolutionPh);
    const { value, budget } = assessPh({
      shownPh,
      pen: PEN,
      state: phPenStateAt(makePhTrack(checks), atMs),
    });
    return { error: value - truePh, expandedU: budget.expandedU };
  };
  const [before, last] = [maps[8]!, maps[9]!];
  const third = 1 / 3;
  const middle = {
    offsetPh: before.offsetPh + third * (last.offsetPh - before.offsetPh),
    gain: before.gain + third * (last.gain - before.gain),
  };
  return {
    between: read(middle, (8 + third) * WEEK_MS),
    after: read(hiddenMap(random, last), 10 * WEEK_MS),
  };
}

describe('a simulated history is recovered', () => {
  const histories = Array.from({ length: SEEDS }, (_, at) => oneHistory(1000 + at));
  const share = (which: 'between' | 'after') =>
    histories.filter((h) => Math.abs(h[which].error) <= h[which].expandedU).length / SEEDS;

  test('between two checks the ± holds the truth about 95 times in 100 (seeds 1000–1199)', () => {
    expect(share('between')).toBeGreaterThanOrEqual(0.92);
  });

  test('a week after the newest check it still does, and the ± is no larger than needed', () => {
    expect(share('after')).toBeGreaterThanOrEqual(0.91);
    const meanU = histories.reduce((sum, h) => sum + h.after.expandedU, 0) / SEEDS;
    expect(meanU).toBeLessThan(0.2);
  });

  test('corrections are not lopsided', () => {
    const mean = histories.reduce((sum, h) => sum + h.between.error, 0) / SEEDS;
    expect(Math.abs(mean)).toBeLessThan(0.01);
  });
});
