import type { ReadOrder } from '@/records/samples';
import { RETENTION_YEARS } from '@/core/retention';
import type { TolerancePolicy } from '@/core/calibration';
import { roundWithU } from '@/core/uncertainty';
import {
  displayFromEcMsPerCm,
  ecMsPerCmFromDisplay,
  temperatureFromCelsius,
  volumeFromLitres,
  type EcScale,
  type VolumeUnit,
} from '@/core/units';

/** How this book writes numbers. */
export interface FormatSettings {
  readonly decimalMark: '.' | ',';
  readonly tempUnit: '°C' | '°F';
  readonly ecScale: EcScale;
  readonly volumeUnit: VolumeUnit;
  readonly tolerancePolicy: TolerancePolicy;
  /** What the probe is rinsed with. */
  readonly rinseWater: 'tap' | 'pure';
  /** In which order the fields of a reading stand. */
  readonly readOrder: ReadOrder;
  /** How long entries are kept at least, years. */
  readonly keepYears: number;
}

/** How a new book writes numbers. */
export const DEFAULT_FORMATS: FormatSettings = {
  decimalMark: '.',
  tempUnit: '°C',
  ecScale: 'mS/cm',
  volumeUnit: 'L',
  tolerancePolicy: 'normal',
  rinseWater: 'tap',
  readOrder: 'phEcTemp',
  keepYears: RETENTION_YEARS,
};

/** Decimals a conductivity needs on each scale. */
export const EC_DECIMALS: Readonly<Record<EcScale, number>> = {
  'mS/cm': 2,
  'µS/cm': 0,
  CF: 1,
  ppm500: 0,
  ppm640: 0,
  ppm700: 0,
};

/** How a scale is written beside a number. */
export const SCALE_LABEL: Readonly<Record<EcScale, string>> = {
  'mS/cm': 'mS/cm',
  'µS/cm': 'µS/cm',
  CF: 'CF',
  ppm500: 'ppm (×500)',
  ppm640: 'ppm (×640)',
  ppm700: 'ppm (×700)',
};

/** A value with its ± as two texts. */
export interface WrittenPair {
  readonly value: string;
  readonly plusMinus: string;
}

/** As `toFixed`, but 9.225 is 9.23: what is a five in decimals is not rounded down by its binary form. */
const fixed = (value: number, decimals: number) =>
  (value + Math.sign(value) * Math.abs(value) * 2 * Number.EPSILON).toFixed(decimals);

/** Writes numbers with the book's decimal mark and units; a true minus, no thousands marks. */
export function makeFormats(settings: FormatSettings) {
  const mark = (text: string) => text.replace('.', settings.decimalMark).replace('-', '−');
  const number = (value: number, decimals: number) => mark(fixed(value, decimals));
  /** With its sign; what rounds to nothing has none. */
  const signed = (value: number, decimals: number) => {
    const rounded = Number(value.toFixed(decimals));
    return `${rounded > 0 ? '+' : ''}${number(rounded === 0 ? 0 : value, decimals)}`;
  };
  const pair = (value: number, expandedU: number, maxDecimals: number): WrittenPair => {
    const rounded = roundWithU(value, expandedU, maxDecimals);
    const floor = 10 ** -rounded.decimals;
    return {
      value: number(rounded.value, rounded.decimals),
      plusMinus: number(Math.max(rounded.expandedU, floor), rounded.decimals),
    };
  };
  const inScale = (ecMsPerCm: number) => displayFromEcMsPerCm(ecMsPerCm, settings.ecScale);
  const tempIn = (tempC: number) => temperatureFromCelsius(tempC, settings.tempUnit);
  return {
    settings,
    number,
    signed,
    ph: (value: number) => number(value, 2),
    phPair: (value: number, u: number) => pair(value, u, 2),
    ec: (ecMsPerCm: number) => number(inScale(ecMsPerCm), EC_DECIMALS[settings.ecScale]),
    ecPair: (ecMsPerCm: number, u: number) =>
      pair(inScale(ecMsPerCm), inScale(u), EC_DECIMALS[settings.ecScale]),
    ecUnit: SCALE_LABEL[settings.ecScale],
    /** As it is typed or printed on a label: finer than a reading, no zeros behind it. */
    ecPlain: (ecMsPerCm: number) =>
      mark(String(Number(fixed(inScale(ecMsPerCm), EC_DECIMALS[settings.ecScale] + 2)))),
    /** One decimal more than a reading has: what a standard is. */
    ecFine: (ecMsPerCm: number) => number(inScale(ecMsPerCm), EC_DECIMALS[settings.ecScale] + 1),
    /** What was typed in the book's unit, mS/cm. */
    ecFromTyped: (typed: number) => ecMsPerCmFromDisplay(typed, settings.ecScale),
    percent: (share: number) => `${signed(100 * share, 1)} %`,
    temp: (tempC: number) => `${number(tempIn(tempC), 1)} ${settings.tempUnit}`,
    volume: (volumeL: number) => {
      const value = volumeFromLitres(volumeL, settings.volumeUnit);
      return `${number(value, value < 10 ? 1 : 0)} ${settings.volumeUnit}`;
    },
    /** An amount to pour: 0.35 mL, 5.0 mL, 120 mL, 1.25 L. */
    doseMl: (doseMl: number) => {
      if (doseMl >= 1000) return `${number(doseMl / 1000, 2)} L`;
      return `${number(doseMl, doseMl < 1 ? 2 : doseMl < 100 ? 1 : 0)} mL`;
    },
    /** A display value exactly as its digit allows. */
    shown: (value: number, resolution: number) =>
      number(value, Math.max(0, Math.ceil(-Math.log10(resolution) - 1e-9))),
  };
}

export type Formats = ReturnType<typeof makeFormats>;
