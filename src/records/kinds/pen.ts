import { z } from 'zod';
import { CHECK_POLICIES } from '@/core/schedule';
import { finite, initialsText, instant, nameText, noteText, positive, shortText } from './common';

/** Which words an adjustment is told in; the whole procedure follows from the profile. */
const pressSchema = z.object({
  /** How the pen is adjusted. Steps: the value is shown and stepped up or down. */
  by: z.enum(['button', 'steps', 'screw', 'dials', 'none']),
  /** The word on its calibration button. */
  word: z.string().trim().max(12).optional(),
  /** Whether the button is pressed before or after dipping. */
  when: z.enum(['afterDip', 'beforeDip']).default('afterDip'),
  holdSeconds: finite.min(0).max(30).default(3),
  confirmPress: z.boolean().default(false),
  /** Minutes until the pen switches itself off; null = never. */
  autoOffMinutes: finite.min(0).nullable().default(null),
  /** Short presses that pick the buffer: how many for the first, second and third cup. */
  picksBy: z.array(finite.min(0).max(9)).max(3).optional(),
  /** Between points it stays on, loses its points when switched off, or is switched off after each. */
  between: z.enum(['staysOn', 'offLosesPoints', 'offAfterEach']).optional(),
  /** The same button switches it off: hold on past that word. */
  holdPastOff: z.boolean().optional(),
  /** Ends calibrating by itself, perhaps before the value can be seen. */
  endsUnseen: z.boolean().optional(),
  /** What it shows when it refuses a point, and what that means. */
  errors: z
    .array(z.object({ text: shortText, means: shortText }))
    .max(8)
    .optional(),
});

/** What the display does by itself. */
export const displaySchema = z.object({
  /** Holds a value when asked: a frozen number gets logged. */
  holds: z.boolean().optional(),
  /** Measures only after a press, and signals the end. */
  measuresOnPress: z.boolean().optional(),
  /** Sleeps while one waits: wake it, do not read too soon. */
  sleeps: z.boolean().optional(),
  /** A mark that goes out after so many days: a timer, not a measurement. */
  markDays: positive.max(365).optional(),
});

/** What keeps the probe wet and what it needs before its first use. */
const wettingSchema = z.object({
  by: z.enum(['sponge', 'liquid', 'bottle', 'dry']),
  /** Soak before the first use, h. */
  firstSoakHours: finite.min(0).max(72),
});

/** Papers of a pen. */
const papersSchema = z.object({
  serial: shortText.default(''),
  boughtOn: shortText.default(''),
  /** When its factory or dealer adjusted it, as the papers say: its first session. */
  adjustedOn: shortText.optional(),
  guaranteeUntil: shortText.default(''),
  certificate: shortText.default(''),
  batteries: shortText.default(''),
  waterproof: z.boolean().optional(),
});

/** How far below and above its target a leaflet lets a display be, in the display's unit. */
export const leafletSchema = z.object({ below: positive.max(1000), above: positive.max(1000) });

/** The pH side of a pen. */
export const phSideSchema = z.object({
  resolutionPh: z.union([z.literal(0.1), z.literal(0.01)]),
  accuracyPh: positive.max(1),
  hasAtc: z.boolean(),
  family: z.enum(['technical', 'technical-7.01', 'technical-4.00', 'sachet']),
  /** Nominal values of the cups in the order they are dipped. */
  cupsPh: z.array(finite.min(1).max(13)).min(1).max(3),
  adjustable: z.boolean(),
  storesNominal: z.boolean(),
  /** Adjusts three points as two straight pieces. */
  pieces: z.boolean().optional(),
  /** One bottle for everything: its mode on the pen must match. */
  oneBottle: z.boolean().optional(),
  /** It can be set to one bottle or to separate buffers: asked at each sitting. */
  twoModes: z.boolean().optional(),
  /** An electrode for water with few minerals. */
  pureWater: z.boolean().optional(),
  /** A tip for soil: a pilot hole first. */
  spearTip: z.boolean().optional(),
  /** The probe can be changed. */
  replaceable: z.boolean().optional(),
  wetting: wettingSchema.optional(),
  leaflet: leafletSchema.optional(),
  press: pressSchema,
});

/** The EC side of a pen. */
export const ecSideSchema = z.object({
  scale: z.enum(['mS/cm', 'µS/cm', 'CF', 'ppm500', 'ppm640', 'ppm700']),
  resolution: positive,
  /** Maker's accuracy stated for the full scale, ± mS/cm. */
  accuracyMsPerCm: positive,
  compensation: z
    .object({
      alphaPerC: finite.min(0.01).max(0.04),
      referenceC: z.union([z.literal(20), z.literal(25)]),
    })
    .nullable(),
  standardMsPerCm: positive.max(50),
  adjustable: z.boolean(),
  /** The probe can be changed. */
  replaceable: z.boolean().optional(),
  leaflet: leafletSchema.optional(),
  press: pressSchema,
});

/** A handheld pen with the profile it follows. At least one side. */
export const penSchema = z
  .object({
    code: shortText.min(1, 'A short code is needed, e.g. P1.').max(4),
    name: nameText,
    ph: phSideSchema.nullable(),
    ec: ecSideSchema.nullable(),
    checkPolicy: z.enum(CHECK_POLICIES).default('weekly'),
    /** Readings between checks, for `afterUses`. */
    usesAllowed: positive.max(1000).optional(),
    cleaningPolicy: z.enum(['byUse', 'weekly', 'monthly', 'beforeEachCheck']).default('byUse'),
    tolerancePolicy: z.enum(['laboratory', 'normal', 'relaxed']).default('normal'),
    /** How long its pH probe should last, days; a year where nothing is stated. */
    expectedLifeDays: positive.max(3650).optional(),
    /** It is no longer there: not offered, not due; its records stay. */
    gone: z.object({ why: z.enum(['lost', 'sold', 'broken']), at: instant }).optional(),
    display: displaySchema.optional(),
    papers: papersSchema.optional(),
    /** Whose Round it stands on, by initials; everybody’s where absent. */
    keptBy: initialsText.optional(),
    note: noteText.default(''),
  })
  .refine((pen) => pen.ph !== null || pen.ec !== null, {
    message: 'A pen measures pH, EC or both.',
    path: ['ph'],
  });

export type Pen = z.infer<typeof penSchema>;
export type PhSide = z.infer<typeof phSideSchema>;
export type EcSide = z.infer<typeof ecSideSchema>;
export type Press = z.infer<typeof pressSchema>;
export type PenDisplay = z.infer<typeof displaySchema>;
export type Papers = z.infer<typeof papersSchema>;
export type Wetting = z.infer<typeof wettingSchema>;
