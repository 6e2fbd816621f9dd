import type { AdditionRow, TankAnswer, TankHistoryAnswer } from '@/book/answers';
import { temperatureFromCelsius, volumeFromLitres } from '@/core/units';
import { bandsOf, type Sample } from '@/records/samples';
import type { BandStep, StripFlag, StripSpec } from '@/ui/chart';
import type { Formats } from '@/words';
import { historySays } from '@/words/tanks/history';
import { bandSteps, countIn, pointsIn, stepsInScale } from './historyModel';

/** Which series a strip shows; decides its colour and dash. */
export type Series = 'ph' | 'ec' | 'temp' | 'level';

/** One strip of a tank's history, ready to be drawn on a screen or into a file. */
export interface HistoryStrip {
  readonly series: Series;
  readonly name: string;
  readonly height: number;
  readonly decimals: number;
  readonly spec: StripSpec;
  readonly flags: readonly StripFlag[];
  /** Readings in this span; more than are drawn where they are many. */
  readonly count: number;
}

/** Beyond this many readings on screen marks and whiskers only blacken the line. */
const DETAILED_UP_TO = 140;
/** A raw value this far from its corrected one gets a hollow mark, pH. */
export const HOLLOW_FROM_PH = 0.1;

function flagsOf(additions: readonly AdditionRow[], forPh: boolean): StripFlag[] {
  return additions
    .filter(({ body }) => forPh === (body.what === 'acid' || body.what === 'base'))
    .map(({ atMs, body }) => {
      const water = body.what === 'water' || body.what === 'change' || body.what === 'drain';
      return { atMs, kind: water ? 'water' : 'dose' } as const;
    });
}

/** The bands of a history as they then were, EC in mS/cm. */
export interface HistoryBands {
  readonly ph: readonly BandStep[];
  readonly ec: readonly BandStep[];
}

/** Walks all readings once; a window that moves over them does not change their bands. */
export function historyBands(
  { body }: TankAnswer,
  { columns }: TankHistoryAnswer,
  sample: Sample,
): HistoryBands {
  const { atMs, phLow, phHigh, ecLow, ecHigh } = columns;
  const now = bandsOf(body, sample);
  return {
    ph: bandSteps(atMs, { low: phLow, high: phHigh }, now.ph),
    ec: bandSteps(atMs, { low: ecLow, high: ecHigh }, now.ec),
  };
}

interface Input {
  readonly history: TankHistoryAnswer;
  readonly bands: HistoryBands;
  readonly sample: Sample;
  readonly domain: readonly [number, number];
  readonly formats: Formats;
}

function phStrip({ history, bands, sample, domain }: Input): HistoryStrip {
  const { columns, additions, stages } = history;
  const { atMs } = columns;
  const points = pointsIn(
    atMs,
    { values: columns.ph, stdU: columns.phStdU, shown: columns.phShown },
    domain,
  );
  const stageFlags = stages.map(({ atMs: at }) => ({ atMs: at, kind: 'stage' as const }));
  const flags = sample === 'tank' ? [...flagsOf(additions, true), ...stageFlags] : [];
  const detailed = points.length <= DETAILED_UP_TO;
  const spec = { domain, points, band: bands.ph, leastSpan: 1, detailed };
  const count = countIn(atMs, columns.ph, domain);
  return { series: 'ph', name: 'pH', height: 132, decimals: 1, spec, flags, count };
}

function ecStrip({ history, bands, sample, domain, formats }: Input): HistoryStrip {
  const { columns, additions } = history;
  const { atMs } = columns;
  const { ecScale: scale } = formats.settings;
  const points = pointsIn(
    atMs,
    { values: columns.ec, stdU: columns.ecStdU, shown: columns.ecShown, scale },
    domain,
  );
  const band = stepsInScale(bands.ec, scale);
  const detailed = points.length <= DETAILED_UP_TO;
  return {
    series: 'ec',
    name: historySays.ecIn(formats.ecUnit),
    height: 116,
    decimals: scale === 'mS/cm' ? 1 : 0,
    spec: { domain, points, band, leastSpan: scale === 'mS/cm' ? 0.1 : 1, detailed },
    flags: sample === 'tank' ? flagsOf(additions, false) : [],
    count: countIn(atMs, columns.ec, domain),
  };
}

/** A strip without a band: temperature, level. */
function plainStrip(
  { history, domain, formats }: Input,
  series: 'temp' | 'level',
): HistoryStrip | undefined {
  const { columns } = history;
  const { tempUnit, volumeUnit } = formats.settings;
  const values = series === 'temp' ? columns.tempC : columns.volumeL;
  const inUnit = (value: number) => {
    if (series === 'level') return volumeFromLitres(value, volumeUnit);
    return temperatureFromCelsius(value, tempUnit);
  };
  const points = pointsIn(columns.atMs, { values }, domain).map((point) => ({
    ...point,
    value: inUnit(point.value),
  }));
  if (points.length < 2) return undefined;
  const unit = series === 'temp' ? tempUnit : volumeUnit;
  return {
    series,
    name: `${series === 'temp' ? 'Temperature' : 'Volume'}, ${unit}`,
    height: 64,
    decimals: 0,
    spec: { domain, points, band: [], leastSpan: 3, detailed: false },
    flags: [],
    count: points.length,
  };
}

/** The strips of a tank's history on one time axis; temperature and volume only where read. */
export function historyStrips(input: Input): readonly HistoryStrip[] {
  const more = [plainStrip(input, 'temp'), plainStrip(input, 'level')];
  return [phStrip(input), ecStrip(input), ...more.flatMap((strip) => strip ?? [])];
}
