import { FEED_ALPHA_PER_C } from '@/core/conductivity';
import type { Band } from '@/core/verdict';
import { z } from 'zod';
import { SPOT_SAMPLES } from '../samples';
import { bandSchema } from './band';
import {
  calendarDay,
  finite,
  initialsText,
  instant,
  nameText,
  noteText,
  positive,
  recordRef,
  shortText,
} from './common';
import { sampleBandsSchema } from './sample';

/** A stage of a crop and the bands that hold from its day on. */
const planStageSchema = z.object({
  /** The day it begins, by the day of the house. */
  day: calendarDay,
  crop: shortText.default(''),
  stage: shortText.default(''),
  phBand: bandSchema,
  /** mS/cm at 25 °C. */
  ecBand: bandSchema,
});

export type PlanStage = z.infer<typeof planStageSchema>;

const shape = z.object({
  name: nameText,
  /** A place without a tank: what is read there, by one method only. */
  readOf: z.enum(SPOT_SAMPLES).optional(),
  /** Volume and bands are absent only of a place without a tank. */
  volumeL: positive.max(1_000_000).optional(),
  crop: shortText.default(''),
  stage: shortText.default(''),
  phBand: bandSchema.optional(),
  /** mS/cm at 25 °C. */
  ecBand: bandSchema.optional(),
  /** The feed's temperature coefficient, per °C. */
  alphaPerC: finite.min(0.01).max(0.04).default(FEED_ALPHA_PER_C),
  /** Place in the round; smaller comes first. */
  place: finite,
  /** The waters it is filled with and their parts. */
  waters: z
    .array(z.object({ waterId: recordRef<'water'>(), share: finite.min(0).max(1) }))
    .max(4)
    .optional(),
  /** Bands of drain, source water and the rest. */
  sampleBands: sampleBandsSchema.optional(),
  /** What its pump moves, L/min, where known: decides the mixing time. */
  pumpLPerMin: positive.max(100_000).optional(),
  /** What it can hold when full, L; its volume where absent. */
  fullL: positive.max(1_000_000).optional(),
  /** EC that 1 mL/L of each stock adds, mS/cm, from the label or learned. */
  stockGainMsPerCm: positive.max(20).optional(),
  /** What the recipe of its feed says of what resists acid, at an EC. */
  recipe: z
    .object({
      phosphorusMgPerL: positive.max(1000),
      /** Ammonium, as nitrogen. */
      ammoniumMgPerL: finite.min(0).max(1000).optional(),
      atEcMsPerCm: positive.max(20),
    })
    .optional(),
  /** From when its doses count for learning: set by a reset. */
  learnFrom: instant.optional(),
  /** How often it is read, days; every day where absent. */
  readEveryDays: positive.max(90).optional(),
  /** Whose Round it stands on, by initials; everybody’s where absent. */
  keptBy: initialsText.optional(),
  /** The stages of its crop by their days; from the first on, its bands follow them. */
  plan: z.array(planStageSchema).max(40).optional(),
  /** Out of use: its record stays, the Round passes it by. */
  retired: z.boolean().optional(),
  note: noteText.default(''),
});

/** A nutrient reservoir, or a place without one. */
export const tankSchema = shape.refine(
  ({ readOf, volumeL, phBand, ecBand }) => readOf !== undefined || (volumeL && phBand && ecBand),
  'A tank has a volume and bands.',
);

export type Tank = z.infer<typeof tankSchema>;

/** A tank that holds something: it has a volume and bands, and can be dosed. */
export type Reservoir = Tank & {
  readonly volumeL: number;
  readonly phBand: Band;
  readonly ecBand: Band;
};

/** Whether it is a tank, not a place without one. */
export const isReservoir = (tank: Tank): tank is Reservoir => tank.readOf === undefined;
