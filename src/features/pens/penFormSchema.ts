import { z } from 'zod';
import { CHECK_POLICIES } from '@/core/schedule';
import { typedNumber } from '@/features/parts/typedNumber';
import type { EcSide, Pen, PhSide } from '@/records/kinds';
import { GENERIC_PROFILES } from '@/records/profiles';
import { EC_DECIMALS, type Formats } from '@/words';

const yesNo = z.enum(['yes', 'no']);

/** What the pen form takes, all as typed. Fields of a side the pen lacks are carried but unused. */
export const penFormSchema = z.object({
  code: z.string().trim().min(1, 'A short code, e.g. P1.').max(4, 'Four signs at most.'),
  name: z.string().trim().min(1, 'A name is needed.').max(200),
  phResolution: z.enum(['0.01', '0.1']),
  phAccuracy: typedNumber('accuracy').refine((a) => a > 0 && a <= 1, 'Between 0.01 and 1 pH.'),
  phAtc: yesNo,
  phFamily: z.enum(['technical', 'technical-7.01', 'sachet']),
  phPoints: z.enum(['1', '2', '3', '3pieces']),
  phAdjust: z.enum(['button', 'steps', 'screw', 'dials', 'none']),
  ecScale: z.enum(['mS/cm', 'µS/cm', 'CF', 'ppm500', 'ppm640', 'ppm700']),
  ecAlpha: z.enum(['none', '0.019', '0.02']),
  ecReference: z.enum(['20', '25']),
  ecStandard: typedNumber('standard').refine((s) => s > 0 && s <= 50, 'Between 0.01 and 50 mS/cm.'),
  ecAdjust: z.enum(['button', 'none']),
  checkPolicy: z.enum(CHECK_POLICIES),
  tolerancePolicy: z.enum(['laboratory', 'normal', 'relaxed']),
});

export type PenFormIn = z.input<typeof penFormSchema>;
export type PenFormOut = z.output<typeof penFormSchema>;

/** The form as it opens, from a pen or a profile. */
export function penDefaults(pen: Pen, formats: Formats): PenFormIn {
  const { ph, ec } = pen;
  const mark = (value: number) => String(value).replace('.', formats.settings.decimalMark);
  return {
    code: pen.code,
    name: pen.name,
    phResolution: ph?.resolutionPh === 0.1 ? '0.1' : '0.01',
    phAccuracy: mark(ph?.accuracyPh ?? 0.1),
    phAtc: ph?.hasAtc === false ? 'no' : 'yes',
    phFamily: ph?.family ?? 'technical',
    phPoints: pointsOf(ph),
    phAdjust: ph?.press.by ?? 'button',
    ecScale: ec?.scale ?? 'mS/cm',
    ecAlpha:
      ec?.compensation === null ? 'none' : ec?.compensation.alphaPerC === 0.019 ? '0.019' : '0.02',
    ecReference: ec?.compensation?.referenceC === 20 ? '20' : '25',
    ecStandard: mark(ec?.standardMsPerCm ?? 1.413),
    ecAdjust: ec && !ec.adjustable ? 'none' : 'button',
    checkPolicy: pen.checkPolicy,
    tolerancePolicy: pen.tolerancePolicy,
  };
}

const CUPS = {
  technical: [7, 4.01, 10.01],
  'technical-7.01': [7.01, 4.01, 10.01],
  sachet: [6.86, 4, 9.18],
} as const;

/** How many points a pen is adjusted in, as the form's choice. */
function pointsOf(ph: PhSide | null): '1' | '2' | '3' | '3pieces' {
  const count = ph?.cupsPh.length ?? 2;
  if (count === 3) return ph?.pieces ? '3pieces' : '3';
  return count === 1 ? '1' : '2';
}

function phSide(form: PenFormOut, base: PhSide): PhSide {
  const cups = CUPS[form.phFamily];
  return {
    ...base,
    resolutionPh: form.phResolution === '0.1' ? 0.1 : 0.01,
    accuracyPh: form.phAccuracy,
    hasAtc: form.phAtc === 'yes',
    family: form.phFamily,
    cupsPh: cups.slice(0, Number(form.phPoints[0])),
    pieces: form.phPoints === '3pieces' ? true : undefined,
    adjustable: form.phAdjust !== 'none',
    press: { ...base.press, by: form.phAdjust },
  };
}

function ecSide(form: PenFormOut, base: EcSide): EcSide {
  const alphaPerC = form.ecAlpha === 'none' ? undefined : Number(form.ecAlpha);
  const referenceC = form.ecReference === '20' ? 20 : 25;
  const adjustable = form.ecAdjust !== 'none';
  return {
    ...base,
    scale: form.ecScale,
    resolution: form.ecScale === base.scale ? base.resolution : 10 ** -EC_DECIMALS[form.ecScale],
    compensation: alphaPerC === undefined ? null : { alphaPerC, referenceC },
    standardMsPerCm: form.ecStandard,
    adjustable,
    press: { ...base.press, by: adjustable ? 'button' : 'none' },
  };
}

/** The pen a form stands for; what the form does not ask keeps the profile's value. */
export function penOf(form: PenFormOut, base: Pen): Pen {
  const { code, name, checkPolicy, tolerancePolicy } = form;
  return {
    ...base,
    code,
    name,
    checkPolicy,
    tolerancePolicy,
    ph: base.ph && phSide(form, base.ph),
    ec: base.ec && ecSide(form, base.ec),
  };
}

/** Profiles as choices. */
export const PROFILE_OPTIONS = GENERIC_PROFILES.map(({ id, title, hint }) => ({
  value: id,
  label: title,
  hint,
}));
