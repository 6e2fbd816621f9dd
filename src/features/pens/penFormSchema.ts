import { z } from 'zod';
import { CHECK_POLICIES } from '@/core/schedule';
import { typedEc, typedNumber, typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { Formats } from '@/words';

const yesNo = z.enum(['yes', 'no']);
const seconds = typedNumber('seconds').refine((s) => s >= 0 && s <= 30, 'Between 0 and 30 s.');
const minutes = typedNumberOrNothing('minutes').refine(
  (m) => m === undefined || m >= 0,
  'Zero or more; empty for never.',
);

/** What the pen form takes, all as typed, its standard and accuracy of EC in the book's unit. Fields of a side the pen lacks are carried but unused. */
export const penFormSchema = (formats: Formats) =>
  z.object({
    code: z.string().trim().min(1, 'A short code, e.g. P1.').max(4, 'Four signs at most.'),
    name: z.string().trim().min(1, 'A name is needed.').max(200),
    phResolution: z.enum(['0.01', '0.1']),
    phAccuracy: typedNumber('accuracy').refine((a) => a > 0 && a <= 1, 'Between 0.01 and 1 pH.'),
    phAtc: yesNo,
    phFamily: z.enum(['technical', 'technical-7.01', 'sachet']),
    phPoints: z.enum(['1', '2', '3', '3pieces']),
    phAdjust: z.enum(['button', 'steps', 'screw', 'dials', 'none']),
    phStores: z.enum(['atTemperature', 'nominal']),
    phCups: z.string().max(40),
    phWhen: z.enum(['afterDip', 'beforeDip']),
    phHold: seconds,
    phConfirm: yesNo,
    phPicks: z.string().regex(/^[\d ,]*$/, 'Numbers of presses, e.g. 1 2 3.'),
    phBetween: z.enum(['staysOn', 'offLosesPoints', 'offAfterEach']),
    phPastOff: yesNo,
    phUnseen: yesNo,
    phOneBottle: yesNo,
    phSpear: yesNo,
    phReplaceable: yesNo,
    phWetBy: z.enum(['sponge', 'liquid', 'bottle', 'dry']),
    phFirstSoak: typedNumber('hours').refine((h) => h >= 0 && h <= 72, 'Between 0 and 72 h.'),
    autoOff: minutes,
    errorTexts: z.string().max(1000),
    displayHolds: yesNo,
    displayPress: yesNo,
    displaySleeps: yesNo,
    markDays: typedNumberOrNothing('days').refine(
      (d) => d === undefined || (d > 0 && d <= 365),
      'Between 1 and 365; empty for none.',
    ),
    usesAllowed: typedNumberOrNothing('number of readings').refine(
      (n) => n === undefined || (Number.isInteger(n) && n >= 1 && n <= 1000),
      'A whole number from 1 to 1000.',
    ),
    lifeDays: typedNumberOrNothing('days').refine(
      (d) => d === undefined || (d > 0 && d <= 3650),
      'Between 1 and 3650; empty for a year.',
    ),
    serial: z.string().max(200),
    boughtOn: z.string().max(200),
    adjustedOn: z.string().max(200),
    guaranteeUntil: z.string().max(200),
    certificate: z.string().max(200),
    batteries: z.string().max(200),
    waterproof: yesNo,
    ecHold: seconds,
    ecAccuracy: typedEc(formats, { of: 'an accuracy', from: 0.0001, to: 20 }),
    note: z.string().max(4000),
    ecScale: z.enum(['mS/cm', 'µS/cm', 'CF', 'ppm500', 'ppm640', 'ppm700']),
    ecAlpha: z.enum(['none', '0.019', '0.02']),
    ecReference: z.enum(['20', '25']),
    ecStandard: typedEc(formats, { of: 'a standard', from: 0.01, to: 50 }),
    ecAdjust: z.enum(['button', 'steps', 'dials', 'none']),
    checkPolicy: z.enum(CHECK_POLICIES),
    cleaningPolicy: z.enum(['byUse', 'weekly', 'monthly', 'beforeEachCheck']),
    tolerancePolicy: z.enum(['laboratory', 'normal', 'relaxed']),
  });

export type PenFormIn = z.input<ReturnType<typeof penFormSchema>>;
export type PenFormOut = z.output<ReturnType<typeof penFormSchema>>;
