import type { IdOf } from '../branded';
import type { Conditions, Reagent } from '../chemistry';
import type { Prior } from './constants';

/** A pH read in the tank, after the pen's known error was taken off. */
export interface ReadingSeen {
  readonly kind: 'reading';
  readonly atMs: number;
  readonly ph: number;
  /** Standard uncertainty, pH. */
  readonly stdU: number;
  /** The pen it was read with; each pen has its own offset. */
  readonly penId: IdOf<'pen'>;
  /** One digit of its display, pH. */
  readonly digitPh: number;
  /** Constants at the tank's temperature and salt then. */
  readonly at: Conditions;
  /** True if no second reading agrees with it. */
  readonly lone?: boolean | undefined;
}

/** Acid or base poured in. */
export interface DosePoured {
  readonly kind: 'dose';
  readonly atMs: number;
  readonly reagent: Reagent;
  /** Moles for each litre of the tank; of a product of unknown strength litres for each litre. */
  readonly perL: number;
  /** The product, where nobody knows its strength: `perL` is litres of it then. */
  readonly unknownId?: IdOf<'product'> | undefined;
}

/** Nutrients given: what they add to the EC, mS/cm. */
export interface FeedGiven {
  readonly kind: 'feed';
  readonly atMs: number;
  readonly ecMsPerCm: number;
}

/** Water poured in. */
export interface WaterPoured {
  readonly kind: 'water';
  readonly atMs: number;
  /** Its share of the tank once it is in. */
  readonly share: number;
  readonly water: SourceWater;
}

/** The source's alkalinity told anew: a titration, another report. */
export interface AlkalinityTold {
  readonly kind: 'told';
  readonly atMs: number;
  readonly alkalinityMolPerL: number;
  /** Spread (log). */
  readonly sigma: number;
}

/** A jar test: one dose into a sample of the tank, and what it read. */
export interface JarRead {
  readonly kind: 'jar';
  readonly atMs: number;
  readonly reagent: Reagent;
  /** By dose: moles for each litre of the sample (litres where the strength is unknown), and pH. */
  readonly points: readonly { readonly perL: number; readonly ph: number }[];
  readonly penId: IdOf<'pen'>;
  readonly stdU: number;
  readonly digitPh: number;
  readonly unknownId?: IdOf<'product'> | undefined;
}

/** What happened to a tank, as its chemistry has to know it. */
export type TankEvent =
  ReadingSeen | DosePoured | FeedGiven | WaterPoured | AlkalinityTold | JarRead;

/** A source water. */
export interface SourceWater {
  readonly alkalinityMolPerL: number;
  readonly ph?: number | undefined;
  readonly calciumMolPerL?: number | undefined;
  readonly magnesiumMolPerL?: number | undefined;
}

/** What is told of a tank when a session begins. */
export type Told =
  | {
      readonly kind: 'fresh';
      readonly water: SourceWater;
      readonly alkalinitySigma: number;
      /** EC of the feed that was in it when it was first read, mS/cm; 0: water alone. */
      readonly feedMsPerCm: number;
      readonly factor: Prior;
    }
  | {
      readonly kind: 'inUse';
      /** EC of what counts as feed, mS/cm. */
      readonly feedMsPerCm: number;
      readonly factor: Prior;
      readonly co2Sigma: number;
    };

/** What a recipe says of a feed, mmol/L for each mS/cm; usual values where absent. */
export interface Recipe {
  readonly phosphateMmolPerMs?: number | undefined;
  readonly ammoniumMmolPerMs?: number | undefined;
  readonly calciumMmolPerMs?: number | undefined;
  readonly magnesiumMmolPerMs?: number | undefined;
}

/** A session: what is told, and what happened in order of time. */
export interface Session {
  readonly told: Told;
  readonly events: readonly TankEvent[];
  readonly recipe?: Recipe | undefined;
  /** Air of the house, µatm. */
  readonly co2Uatm?: number | undefined;
  /** What is known of products nobody knew the strength of, eq/L (median) and spread (log). */
  readonly strengths?: ReadonlyMap<IdOf<'product'>, Prior> | undefined;
  /** A product of unknown strength about to be poured. */
  readonly plannedUnknownId?: string | undefined;
  /** Log prior weight of this alternative. */
  readonly logWeight?: number | undefined;
}
