import { z } from 'zod';
import { finite, instant, noteText, positive, recordRef, shortText, tableRow } from './common';
import { ecSideSchema, leafletSchema } from './pen';

const bufferKind = z.enum([
  'phthalate-4.01',
  'phosphate-6.86',
  'technical-7.00',
  'borax-9.18',
  'carbonate-10.01',
]);

/** One cup of a sitting, with the lot it came from. */
const cupSchema = z.discriminatedUnion('quantity', [
  z.object({
    id: z.string(),
    quantity: z.literal('ph'),
    buffer: z.object({
      kind: bufferKind,
      nominalPh: positive,
      labelTable: z.array(tableRow).optional(),
    }),
    tolerancePh: positive,
    /** Where it has another temperature than the others, °C. */
    tempC: finite.min(0).max(50).optional(),
    lotId: recordRef<'lot'>().optional(),
    /** The portion was used before. */
    reused: z.boolean().optional(),
  }),
  z.object({
    id: z.string(),
    quantity: z.literal('ec'),
    standard: z.object({
      nominalMsPerCm: positive,
      labelTable: z.array(tableRow).optional(),
      labelAlphaPerC: finite.optional(),
    }),
    toleranceRel: positive,
    /** Where it has another temperature than the others, °C. */
    tempC: finite.min(0).max(50).optional(),
    lotId: recordRef<'lot'>().optional(),
    /** The portion was used before. */
    reused: z.boolean().optional(),
  }),
]);

/** The procedure as it stood. */
export const planSchema = z.object({
  quantity: z.enum(['ph', 'ec']),
  cups: z.array(cupSchema).min(1),
  tempC: finite.min(0).max(50),
  resolution: positive,
  asFoundTolerance: positive,
  leaflet: leafletSchema.optional(),
  asLeftTolerance: positive,
  adjustable: z.boolean(),
  storesNominal: z.boolean(),
  pieces: z.boolean().optional(),
  scale: ecSideSchema.shape.scale.optional(),
  compensation: ecSideSchema.shape.compensation.optional(),
});

const phase = z.enum(['asFound', 'asLeft', 'confirm']);

/** What happened, in order; raw values as displayed. */
export const eventSchema = z.discriminatedUnion('type', [
  z.object({
    type: z.literal('read'),
    phase,
    cupId: z.string(),
    shown: finite,
    atMs: finite,
    settleS: finite.optional(),
  }),
  z.object({
    type: z.literal('repeat'),
    phase,
    cupId: z.string(),
    after: z.enum(['cleaning', 'freshPortion']).optional(),
  }),
  z.object({ type: z.literal('unseen'), phase: z.literal('asLeft'), cupId: z.string() }),
  z.object({ type: z.literal('accept'), phase, cupId: z.string() }),
  z.object({
    type: z.literal('errorShown'),
    phase,
    cupId: z.string(),
    text: shortText,
    atMs: finite,
  }),
  z.object({ type: z.literal('adjust') }),
  z.object({ type: z.literal('leave') }),
  z.object({ type: z.literal('switchedOff'), losesPoints: z.boolean(), atMs: finite }),
]);

/** A finished check or calibration of one side of a pen. */
export const sessionSchema = z.object({
  penId: recordRef<'pen'>(),
  plan: planSchema,
  events: z.array(eventSchema),
  startedAt: instant,
  finishedAt: instant,
  afterCleaning: z.boolean().default(false),
  outcome: z.enum(['inTolerance', 'adjusted', 'adjustedWithMiss', 'leftOut']),
  /** Lots that were past their date at the moment of use. */
  pastDateLots: z.array(recordRef<'lot'>()).default([]),
  note: noteText.default(''),
});

export type Session = z.infer<typeof sessionSchema>;
