import { DAY_MS } from '../units';

/** A tank at a moment: its level and its salt. */
export interface TankLevel {
  readonly atMs: number;
  readonly volumeL: number;
  readonly ecMsPerCm: number;
}

/** What plants took between two moments. */
export interface WaterBalance {
  /** L a day; what was poured in counted. */
  readonly waterLPerDay: number;
  /** Salt as V·κ, mS/cm·L a day. */
  readonly saltPerDay: number;
  /** Water goes faster than salts, slower, or alike: whether EC climbs, falls or holds. */
  readonly faster: 'water' | 'salts' | 'alike';
}

/** Within this share the two count as alike. */
const ALIKE_REL = 0.1;

/**
 * Daily use of water and salts between two levels, with water added between (its EC told). Needs
 * some time and a positive volume, else `RangeError`.
 * `waterBalance({ atMs: 0, volumeL: 100, ecMsPerCm: 2 },
 * { atMs: 172800000, volumeL: 84, ecMsPerCm: 2.2 }).waterLPerDay // => 8.0`
 */
export function waterBalance(
  from: TankLevel,
  to: TankLevel,
  added: { readonly volumeL: number; readonly ecMsPerCm: number } = { volumeL: 0, ecMsPerCm: 0 },
): WaterBalance {
  const days = (to.atMs - from.atMs) / DAY_MS;
  if (!(days > 0 && from.volumeL > 0 && to.volumeL > 0)) throw new RangeError('no time or volume');
  const waterL = from.volumeL + added.volumeL - to.volumeL;
  const salt =
    from.volumeL * from.ecMsPerCm + added.volumeL * added.ecMsPerCm - to.volumeL * to.ecMsPerCm;
  const waterShare = waterL / (from.volumeL + added.volumeL);
  const saltShare = salt / (from.volumeL * from.ecMsPerCm + added.volumeL * added.ecMsPerCm || 1);
  const difference = waterShare - saltShare;
  const faster =
    Math.abs(difference) < ALIKE_REL * Math.max(Math.abs(waterShare), Math.abs(saltShare), 1e-9)
      ? 'alike'
      : difference > 0
        ? 'water'
        : 'salts';
  return { waterLPerDay: waterL / days, saltPerDay: salt / days, faster };
}
