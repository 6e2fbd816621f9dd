import type { BufferFamily } from '../buffers';
import type { EcCompensation } from '../conductivity';
import type { EcScale } from '../units';
import type { Leaflet } from './tolerance';

/** What of a pen's pH side decides how it is checked and what its numbers are worth. */
export interface PhTraits {
  readonly resolutionPh: number;
  /** The maker's stated accuracy, ± pH. */
  readonly accuracyPh: number;
  readonly hasAtc: boolean;
  readonly family: BufferFamily;
  /** Nominal values of the cups, in the order they are dipped. */
  readonly cupsPh: readonly number[];
  readonly adjustable: boolean;
  /** Stores the printed value whatever the temperature. */
  readonly storesNominal: boolean;
  /** Adjusts three points as two straight pieces meeting at the middle buffer. */
  readonly pieces?: boolean | undefined;
  /** What its leaflet allows, pH; it rules over the policy. */
  readonly leaflet?: Leaflet | undefined;
}

/** What of a pen's EC side decides the same. */
export interface EcTraits {
  readonly scale: EcScale;
  /** One digit in the unit of the scale. */
  readonly resolution: number;
  /** The maker's stated accuracy, ± mS/cm (share of full scale). */
  readonly accuracyMsPerCm: number;
  readonly compensation: EcCompensation | null;
  readonly standardMsPerCm: number;
  /** False: verify only, set at the factory. */
  readonly adjustable: boolean;
  /** What its leaflet allows in its standard, in the unit of the scale. */
  readonly leaflet?: Leaflet | undefined;
}
