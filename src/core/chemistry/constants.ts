/** Temperatures the constants hold for, °C. */
export const CHEMISTRY_RANGE_C = { min: 5, max: 35 } as const;

/** pH at which charges are balanced: the whole scale. */
export const CHEMISTRY_RANGE_PH = { min: 0, max: 14 } as const;

/** Carbon dioxide in outdoor air, µatm. Enriched houses run 800 to 1,000; editable. */
export const AIR_CO2_UATM = 420;

/**
 * log K = a + b·T + c/T + d·log T + e/T², T in K; water and the carbonate system.
 * @source L. N. Plummer and E. Busenberg, Geochim. Cosmochim. Acta 46 (1982) 1011–1040, table 1
 *   (0–90 °C); Kw in the same form as fitted there to Harned and Owen.
 */
export const LOG_K = {
  carbonicFirst: [-356.3094, -0.06091964, 21834.37, 126.8339, -1684915],
  carbonicSecond: [-107.8871, -0.03252849, 5151.79, 38.92561, -563713.9],
  henryCo2: [108.3865, 0.01985076, -6919.53, -40.45154, 669365],
  water: [-283.971, -0.05069842, 13323.0, 102.24447, -1119669],
} as const;

/** One step of an acid giving off protons. */
export interface AcidStep {
  /** At 25 °C and no ionic strength. */
  readonly pKa25: number;
  /** Enthalpy, kJ/mol: how pKa moves with temperature. 0 where unknown: the 25 °C value is used. */
  readonly enthalpyKjPerMol: number;
  /** Heat capacity, J/(mol·K): how that enthalpy moves. 0 where it hardly counts between 5 and 35 °C. */
  readonly heatCapacityJPerMolK?: number;
}

/** An acid by its steps, and the charge of its fully protonated form. */
export interface AcidSystem {
  readonly steps: readonly AcidStep[];
  readonly topCharge: number;
}

/**
 * Acids of a nutrient solution. Sulfuric acid's first proton is off at any pH met here.
 * @source R. N. Goldberg, N. Kishore, R. M. Lennen, J. Phys. Chem. Ref. Data 31 (2002) 231–370;
 *   silicic acid: W. Stumm and J. J. Morgan, Aquatic Chemistry, 3rd edition, 25 °C only.
 */
export const ACIDS = {
  phosphate: {
    topCharge: 0,
    steps: [
      { pKa25: 2.148, enthalpyKjPerMol: -8.0 },
      { pKa25: 7.198, enthalpyKjPerMol: 3.6, heatCapacityJPerMolK: -230 },
      { pKa25: 12.35, enthalpyKjPerMol: 16.0 },
    ],
  },
  ammonium: { topCharge: 1, steps: [{ pKa25: 9.245, enthalpyKjPerMol: 51.95 }] },
  citrate: {
    topCharge: 0,
    steps: [
      { pKa25: 3.128, enthalpyKjPerMol: 4.07 },
      { pKa25: 4.761, enthalpyKjPerMol: 2.23 },
      { pKa25: 6.396, enthalpyKjPerMol: -3.38 },
    ],
  },
  sulfate: { topCharge: -1, steps: [{ pKa25: 1.987, enthalpyKjPerMol: -22.4 }] },
  acetate: { topCharge: 0, steps: [{ pKa25: 4.756, enthalpyKjPerMol: -0.41 }] },
  silicate: { topCharge: 0, steps: [{ pKa25: 9.8, enthalpyKjPerMol: 0 }] },
} as const satisfies Record<string, AcidSystem>;

export type AcidName = keyof typeof ACIDS;

/** What calcium or magnesium holds on to: an acid by how many protons it has given off. */
export interface Pair {
  readonly metal: 'calcium' | 'magnesium';
  readonly ligand: AcidName | 'carbonate';
  readonly step: number;
  /** Of metal and ligand, at 25 °C and no ionic strength. */
  readonly logK: number;
}

/**
 * Ion pairs. With temperature they move by less than they are sure to: 25 °C values serve.
 * @source carbonate: Plummer and Busenberg 1982 (calcium; sure to 0.03), D. K. Nordstrom et al., ACS
 *   Symposium Series 416 (1990) 398–413 (magnesium); sulfate, phosphate: the same (sure to 0.1);
 *   citrate: A. E. Martell and R. M. Smith, Critical Stability Constants, volumes 3 and 5, brought to
 *   no ionic strength by Davies (sure to 0.15).
 */
export const PAIRS: readonly Pair[] = [
  { metal: 'calcium', ligand: 'carbonate', step: 1, logK: 1.11 },
  { metal: 'calcium', ligand: 'carbonate', step: 2, logK: 3.22 },
  { metal: 'magnesium', ligand: 'carbonate', step: 1, logK: 1.07 },
  { metal: 'magnesium', ligand: 'carbonate', step: 2, logK: 2.98 },
  { metal: 'calcium', ligand: 'phosphate', step: 1, logK: 1.4 },
  { metal: 'calcium', ligand: 'phosphate', step: 2, logK: 2.74 },
  { metal: 'magnesium', ligand: 'phosphate', step: 1, logK: 1.5 },
  { metal: 'magnesium', ligand: 'phosphate', step: 2, logK: 2.87 },
  { metal: 'calcium', ligand: 'sulfate', step: 1, logK: 2.3 },
  { metal: 'magnesium', ligand: 'sulfate', step: 1, logK: 2.3 },
  { metal: 'calcium', ligand: 'citrate', step: 2, logK: 2.95 },
  { metal: 'calcium', ligand: 'citrate', step: 3, logK: 4.85 },
  { metal: 'magnesium', ligand: 'citrate', step: 2, logK: 2.6 },
  { metal: 'magnesium', ligand: 'citrate', step: 3, logK: 4.85 },
];

/** Calcium and magnesium where no report tells: mmol for each meq of a water's alkalinity. */
export const WATER_CALCIUM_MMOL_PER_MEQ = 0.35;
export const WATER_MAGNESIUM_MMOL_PER_MEQ = 0.12;

/** Calcium and magnesium of a feed where its recipe is unknown, mmol/L for each mS/cm. */
export const FEED_CALCIUM_MMOL_PER_MS = 1.5;
export const FEED_MAGNESIUM_MMOL_PER_MS = 0.75;

/** mol/L of ionic strength for each mS/cm of a feed. Usual for nutrient solutions, within a fifth. */
export const IONIC_STRENGTH_PER_MS_PER_CM = 0.013;

/** Phosphate and ammonium of a feed where its recipe is unknown, mmol/L for each mS/cm. */
export const FEED_PHOSPHATE_MMOL_PER_MS = 0.5;
export const FEED_AMMONIUM_MMOL_PER_MS = 0.3;
