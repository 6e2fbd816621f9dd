import {
  freeMetals,
  standingOf,
  waterCharge,
  REAGENTS,
  type AcidName,
  type Conditions,
  type Metals,
  type Reagent,
  type Totals,
} from '../chemistry';

/** Where the table begins, how fine and how long it is, pH. */
const FROM_PH = 2;
const STEP_PH = 0.04;
const LENGTH = 226;

/** The whole table, pH. */
const TABLE_RANGE_PH = { min: FROM_PH, max: FROM_PH + STEP_PH * (LENGTH - 1) } as const;

/** What a tank holds beside its strong charge and carbon, at the middle of what is believed. */
export interface Composition {
  readonly at: Conditions;
  /** Phosphate and ammonium of the feed by its recipe, mol/L; the tank's own factor comes on top. */
  readonly feed: { readonly phosphate: number; readonly ammonium: number };
  /** Acids that were poured and booked, mol/L. */
  readonly booked: Totals;
  readonly metals: Metals;
}

/** The middle of what is believed, by which metals pair. */
export interface Middle {
  readonly factor: number;
  readonly carbonMolPerL: number;
  /** Acids about to be poured, mol/L: they take metals too. */
  readonly planned?: Totals | undefined;
}

const ACIDS_OF_PRODUCTS = ['phosphate', 'citrate', 'sulfate'] as const;

/**
 * What takes up protons in a tank, for every 0.04 pH: a mole of carbon, the feed as its recipe has
 * it, and all that is booked with the water itself. Metals are paired once for the middle of what is
 * believed: from node to node they hardly differ.
 */
export class ChargeTable {
  readonly carbon = new Float64Array(LENGTH);
  /** Share of the carbon that is carbon dioxide. */
  readonly dioxide = new Float64Array(LENGTH);
  readonly feed = new Float64Array(LENGTH);
  readonly rest = new Float64Array(LENGTH);
  readonly acids: Readonly<Record<(typeof ACIDS_OF_PRODUCTS)[number], Float64Array>> = {
    phosphate: new Float64Array(LENGTH),
    citrate: new Float64Array(LENGTH),
    sulfate: new Float64Array(LENGTH),
  };

  constructor(composition: Composition, middle: Middle) {
    const { at, feed, booked, metals } = composition;
    const { factor, carbonMolPerL, planned = {} } = middle;
    const sum = (name: AcidName) => (booked[name] ?? 0) + (planned[name] ?? 0);
    const ligands = {
      carbonate: carbonMolPerL,
      phosphate: factor * feed.phosphate + sum('phosphate'),
      sulfate: sum('sulfate'),
      citrate: sum('citrate'),
    };
    let from = { calcium: metals.calciumMolPerL, magnesium: metals.magnesiumMolPerL };
    for (let row = 0; row < LENGTH; row += 1) {
      const aH = 10 ** -(FROM_PH + STEP_PH * row);
      const free = freeMetals(metals, aH, { at, ligands, from });
      from = free;
      const surrounding = { at, free };
      const carbonate = standingOf('carbonate', aH, surrounding);
      this.carbon[row] = carbonate.charge;
      this.dioxide[row] = carbonate.whole;
      for (const name of ACIDS_OF_PRODUCTS)
        this.acids[name][row] = standingOf(name, aH, surrounding).charge;
      const ammonium = standingOf('ammonium', aH, surrounding).charge;
      this.feed[row] = feed.phosphate * this.acids.phosphate[row]! + feed.ammonium * ammonium;
      let rest = waterCharge(aH, at);
      for (const name of Object.keys(booked) as AcidName[])
        rest += (booked[name] ?? 0) * standingOf(name, aH, surrounding).charge;
      this.rest[row] = rest;
    }
  }

  /** Charge of a tank with so much carbon and such a feed at a row of the table. */
  private chargeAt(row: number, carbonMolPerL: number, factor: number): number {
    return carbonMolPerL * this.carbon[row]! + factor * this.feed[row]! + this.rest[row]!;
  }

  /** Charge at a pH, mol/L. */
  chargeOf(ph: number, carbonMolPerL: number, factor: number): number {
    const place = placeOf(ph);
    const row = Math.floor(place);
    const low = this.chargeAt(row, carbonMolPerL, factor);
    return low + (place - row) * (this.chargeAt(row + 1, carbonMolPerL, factor) - low);
  }

  /** Its slope, mol/(L·pH): over one row to either side. */
  slopeOf(ph: number, carbonMolPerL: number, factor: number): number {
    const up = this.chargeOf(ph + STEP_PH, carbonMolPerL, factor);
    return (up - this.chargeOf(ph - STEP_PH, carbonMolPerL, factor)) / (2 * STEP_PH);
  }

  /** The pH at which the charge is what the strong ions leave; the end of the table beyond it. */
  phOf(strongMolPerL: number, carbonMolPerL: number, factor: number): number {
    let [low, high] = [0, LENGTH - 1];
    if (this.chargeAt(low, carbonMolPerL, factor) >= strongMolPerL) return TABLE_RANGE_PH.min;
    if (this.chargeAt(high, carbonMolPerL, factor) <= strongMolPerL) return TABLE_RANGE_PH.max;
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (this.chargeAt(middle, carbonMolPerL, factor) < strongMolPerL) low = middle;
      else high = middle;
    }
    const below = this.chargeAt(low, carbonMolPerL, factor);
    const above = this.chargeAt(high, carbonMolPerL, factor);
    return FROM_PH + STEP_PH * (low + (strongMolPerL - below) / (above - below));
  }

  /** The pH at which the air keeps the carbon dioxide, whatever carbon that takes. */
  airedPhOf(
    strongMolPerL: number,
    { keptMolPerL, factor }: { readonly keptMolPerL: number; readonly factor: number },
  ): number {
    let [low, high] = [0, LENGTH - 1];
    const chargeAt = (row: number) =>
      this.chargeAt(row, keptMolPerL / this.dioxide[row]!, factor) - strongMolPerL;
    if (chargeAt(low) >= 0) return TABLE_RANGE_PH.min;
    if (chargeAt(high) <= 0) return TABLE_RANGE_PH.max;
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (chargeAt(middle) < 0) low = middle;
      else high = middle;
    }
    const [below, above] = [chargeAt(low), chargeAt(high)];
    return FROM_PH + STEP_PH * (low - below / (above - below));
  }

  /** What a mole of a reagent takes off (+) or brings (−) in protons at every row, equivalents. */
  effectOf(reagent: Reagent): Float64Array {
    const { strongIonDifference, adds, carbon } = REAGENTS[reagent];
    const effect = new Float64Array(LENGTH);
    for (let row = 0; row < LENGTH; row += 1) {
      effect[row] = strongIonDifference - carbon * this.carbon[row]!;
      for (const name of ACIDS_OF_PRODUCTS)
        effect[row]! -= (adds[name] ?? 0) * this.acids[name][row]!;
    }
    return effect;
  }
}

/** Where in the table a pH lies, in rows; the ends beyond them. */
function placeOf(ph: number): number {
  return Math.min(Math.max((ph - FROM_PH) / STEP_PH, 0), LENGTH - 1.000001);
}

/** A column of the table at a pH. */
export function columnAt(column: Float64Array, ph: number): number {
  const place = placeOf(ph);
  const row = Math.floor(place);
  return column[row]! + (place - row) * (column[row + 1]! - column[row]!);
}
