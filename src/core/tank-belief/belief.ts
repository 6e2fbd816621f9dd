import type { IdOf } from '../branded';
import {
  WATER_CALCIUM_MMOL_PER_MEQ,
  WATER_MAGNESIUM_MMOL_PER_MEQ,
  type Metals,
} from '../chemistry';
import type { Session, SourceWater } from './events';
import type { Nodes } from './nodes';
import type { ChargeTable, Composition } from './table';

/** A reading compared with its prediction. */
export interface Expectation {
  readonly atMs: number;
  readonly readPh: number;
  readonly expectedPh: number;
  /** The 95 % interval of the prediction. */
  readonly lowPh: number;
  readonly highPh: number;
  /** Tail probability: how much of the prediction lies at least as far out on the same side. */
  readonly tail: number;
}

/** What is believed of a tank after all that happened in a session. */
export interface Belief {
  readonly session: Session;
  readonly nodes: Nodes;
  readonly composition: Composition;
  readonly table: ChargeTable;
  /** Log of (likelihood of the readings × prior weight of this alternative). */
  readonly logEvidence: number;
  readonly expectations: readonly Expectation[];
  /** The pen whose offset the nodes know. */
  readonly penId: IdOf<'pen'>;
  readonly lastMs: number;
  readonly keptMolPerL: number;
  /** The largest dose that was poured and read, equivalents per litre; 0: none yet. */
  readonly largestReadMolPerL: number;
  /** Product of unknown strength on the grid's axis, if any. */
  readonly unknownId: IdOf<'product'> | undefined;
  /** Recorded as freshly filled and never fed. */
  readonly unfed: boolean;
}

/** Calcium and magnesium of a source water, mol/L. */
export function metalsOf(water: SourceWater): Metals {
  const { alkalinityMolPerL, calciumMolPerL, magnesiumMolPerL } = water;
  return {
    calciumMolPerL: calciumMolPerL ?? WATER_CALCIUM_MMOL_PER_MEQ * alkalinityMolPerL,
    magnesiumMolPerL: magnesiumMolPerL ?? WATER_MAGNESIUM_MMOL_PER_MEQ * alkalinityMolPerL,
  };
}
