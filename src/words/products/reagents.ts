import { REAGENTS, type Reagent } from '@/core/chemistry';

/** What the reagents are called on labels. */
export const REAGENT_NAME: Readonly<Record<Reagent, string>> = {
  nitric: 'nitric acid',
  phosphoric: 'phosphoric acid',
  sulfuric: 'sulfuric acid',
  citric: 'citric acid',
  citricMonohydrate: 'citric acid monohydrate',
  koh: 'potassium hydroxide',
  k2co3: 'potassium carbonate',
  khco3: 'potassium bicarbonate',
  strongAcid: 'an acid the label does not name',
  strongBase: 'a base the label does not name',
};

/** Whether it leads the pH down. */
export const leadsDown = (reagent: Reagent) => REAGENTS[reagent].acid;
