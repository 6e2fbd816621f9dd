import { z } from 'zod';
import type { Reagent } from '@/core/chemistry';
import { finite, instant, nameText, noteText, positive } from './common';

/** What a product is made of, by the names of the chemistry. */
export const PRODUCT_REAGENTS = [
  'nitric',
  'phosphoric',
  'sulfuric',
  'citric',
  'citricMonohydrate',
  'koh',
  'k2co3',
  'khco3',
  'strongAcid',
  'strongBase',
] as const satisfies readonly Reagent[];

/** How strong it is, as its label or a test says. */
const strengthSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('percentByMass'),
    percent: positive.max(100),
    densityGPerMl: positive.min(0.9).max(2),
  }),
  z.object({ kind: z.literal('dry'), purityPercent: positive.max(100).optional() }),
  /** Grams in a litre, as labels of w/v percent say: 10 % is 100 g/L. */
  z.object({ kind: z.literal('weightByVolume'), gPerL: positive.max(2000) }),
  z.object({ kind: z.literal('equivalents'), molPerL: positive.max(40) }),
  z.object({ kind: z.literal('unknown') }),
]);

/** A product of one's own to correct pH with, from its label. */
export const productSchema = z.object({
  name: nameText,
  reagent: z.enum(PRODUCT_REAGENTS),
  strength: strengthSchema,
  /** Further diluted on site: parts of the mixture that hold one of the concentrate. */
  dilutedParts: positive.min(1).max(10_000).optional(),
  /** Concentrates stand behind their own door. */
  group: z.enum(['home', 'trained']),
  /** What was left of it, mL or g, at a moment; what was poured since is taken off. */
  left: finite.min(0).optional(),
  leftAt: instant.optional(),
  note: noteText.default(''),
});

export type OwnProduct = z.infer<typeof productSchema>;
