import type { Branded } from '../branded';
import type { Solution } from '../chemistry';
import type { Cell } from './cell';
import type { Firmware } from './firmwareState';
import type { Liquid } from './liquid';
import type { Probe } from './probe';
import type { StoredIn } from './standing';
import type { SimProfile } from './traits';

/** What is written on a cup: what its user takes it for, whatever it truly holds. */
export type CupLabel =
  | { readonly kind: 'buffer'; readonly nominalPh: number }
  | { readonly kind: 'standard'; readonly nominalMsPerCm: number }
  | { readonly kind: 'tap' | 'pure' | 'storage' | 'cleaner' | 'rinse' | 'tank' | 'jar' };

/** Names a cup on the practice bench. */
export type PracticeCupId = Branded<'cup of the practice'>;

/** Names a bottle or sachet of the practice. */
export type PracticeLotId = Branded<'lot of the practice'>;

/** A cup on the bench. */
export interface Cup {
  readonly id: PracticeCupId;
  readonly label: CupLabel;
  readonly liquid: Liquid;
  /** The lot its portion was poured from. */
  readonly lotId?: PracticeLotId | undefined;
  /** How often the pen was dipped in this portion. */
  readonly dips: number;
}

/** A bottle or sachet on the shelf of the practice. */
export interface PracticeLot {
  readonly id: PracticeLotId;
  readonly label: CupLabel;
  /** What it truly holds. */
  readonly liquid: Liquid;
  /** Days since it was opened; 0 = just now. */
  readonly openedDays: number;
  /** Whether the date on its label is past. */
  readonly expired: boolean;
}

/** A tank with its true chemistry. */
export interface PracticeTank {
  readonly volumeL: number;
  readonly ecMsPerCm: number;
  readonly tempC: number;
  readonly solution: Solution;
  /** What a sample shows: follows what was poured in as it is mixed in. */
  readonly seenPh: number;
  /** Where a crop wants it, pH. */
  readonly band: { readonly low: number; readonly high: number };
}

/** A litre taken from the tank, with diluted product. */
interface PracticeJar {
  readonly volumeMl: number;
  readonly solution: Solution;
}

/** What the user wrote down. */
interface PracticeNote {
  readonly what: string;
  readonly shown: number;
  readonly tick: number;
}

/** A point the pen took, in the cup it stood in and with what it then showed. */
interface PointTaken {
  readonly cup: PracticeCupId;
  readonly shown: number;
  readonly tick: number;
}

/** Where the tip is. */
type Tip =
  | { readonly at: 'air' }
  | { readonly at: 'cup'; readonly cup: PracticeCupId }
  | { readonly at: 'cap' };

/** The whole practice bench at one moment. Deterministic from its seed and what is done. */
export interface World {
  readonly seed: number;
  readonly profile: SimProfile;
  /** Half seconds since the start. */
  readonly tick: number;
  readonly roomC: number;
  readonly probe: Probe;
  readonly cell: Cell;
  readonly firmware: Firmware;
  /** Hours of battery left. */
  readonly batteryH: number;
  readonly tip: Tip;
  /** What clings to the tip. */
  readonly film: Liquid;
  /** How much of the liquid at the glass is the cup’s own by now, 0–1. */
  readonly exchanged: number;
  readonly stirredTick: number;
  /** What the cap holds. */
  readonly cap: StoredIn;
  readonly cups: Readonly<Record<string, Cup>>;
  readonly lots: Readonly<Record<string, PracticeLot>>;
  readonly tank?: PracticeTank | undefined;
  readonly jar?: PracticeJar | undefined;
  readonly notes: readonly PracticeNote[];
  readonly points: readonly PointTaken[];
  /** Answers to what a task asks. */
  readonly answers: Readonly<Record<string, string>>;
  /** Poured of the lots, mL. */
  readonly pouredMl: number;
  /** Acid or base poured into the tank, in all, mL. */
  readonly productMl: number;
  /** A bubble catches in the cell at every dip. */
  readonly bubbly: boolean;
  /** Whether water spread over the face at the last wet-film test. */
  readonly wetFilm?: boolean | undefined;
}

/** What a hand can do at the bench. */
export type Act =
  | { readonly do: 'power' | 'mode' | 'hold' | 'measure' }
  | { readonly do: 'cal'; readonly seconds: number }
  | { readonly do: 'step'; readonly shown: number }
  | { readonly do: 'turn'; readonly dial: 'zero' | 'slope' | 'cell'; readonly shown: number }
  | { readonly do: 'dip'; readonly cup: PracticeCupId }
  | { readonly do: 'lift' | 'stir' | 'shake' | 'blot' | 'wipe' | 'touch' | 'tapOff' | 'uncap' }
  | { readonly do: 'rinse'; readonly with: 'tap' | 'pure' }
  | { readonly do: 'pour'; readonly cup: PracticeCupId; readonly lot: PracticeLotId }
  | { readonly do: 'pourBack'; readonly cup: PracticeCupId; readonly lot: PracticeLotId }
  | {
      readonly do: 'dissolve';
      readonly cup: PracticeCupId;
      readonly waterMl: number;
      readonly spoonRinsed: boolean;
    }
  | { readonly do: 'cap'; readonly with: StoredIn }
  | { readonly do: 'clean'; readonly how: Cleaning }
  | { readonly do: 'wetFilm' }
  | { readonly do: 'note'; readonly what: string }
  | { readonly do: 'answer'; readonly question: string; readonly choice: string }
  | { readonly do: 'drops'; readonly drops: number }
  | { readonly do: 'dose'; readonly reagent: 'acid' | 'base'; readonly ml: number }
  | { readonly do: 'wait'; readonly seconds: number }
  | { readonly do: 'waitStill' }
  | { readonly do: 'rest'; readonly hours: number };

/** Ways to clean a tip. */
export type Cleaning =
  'swish' | 'cleaner' | 'brush' | 'ethanol' | 'scrubFace' | 'scrape' | 'warmWater';
