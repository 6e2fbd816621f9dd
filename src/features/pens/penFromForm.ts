import type { EcSide, Pen, PhSide } from '@/records/kinds';
import { EC_DECIMALS, type Formats } from '@/words';
import {
  FAMILY_CUPS,
  flag,
  moreDefaults,
  moreOf,
  phPress,
  typedCups,
  wettingOf,
} from './penFormMore';
import type { PenFormIn, PenFormOut } from './penFormSchema';

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
    ecStandard: formats.ecPlain(ec?.standardMsPerCm ?? 1.413),
    ecAdjust: ec ? ecAdjustOf(ec) : 'button',
    ...moreDefaults(pen, mark),
    ecAccuracy: formats.ecPlain(ec?.accuracyMsPerCm ?? 0.1),
    checkPolicy: pen.checkPolicy,
    cleaningPolicy: pen.cleaningPolicy,
    tolerancePolicy: pen.tolerancePolicy,
  };
}

/** How the EC side is adjusted, as the form's choice. */
function ecAdjustOf({ adjustable, press }: EcSide): PenFormIn['ecAdjust'] {
  if (!adjustable) return 'none';
  return press.by === 'dials' || press.by === 'steps' ? press.by : 'button';
}

/** How many points a pen is adjusted in, as the form's choice. */
function pointsOf(ph: PhSide | null): '1' | '2' | '3' | '3pieces' {
  const count = ph?.cupsPh.length ?? 2;
  if (count === 3) return ph?.pieces ? '3pieces' : '3';
  return count === 1 ? '1' : '2';
}

function phSide(form: PenFormOut, base: PhSide): PhSide {
  const cups = FAMILY_CUPS[form.phFamily];
  return {
    ...base,
    resolutionPh: form.phResolution === '0.1' ? 0.1 : 0.01,
    accuracyPh: form.phAccuracy,
    hasAtc: form.phAtc === 'yes',
    family: form.phFamily,
    cupsPh: typedCups(form.phCups) ?? cups.slice(0, Number(form.phPoints[0])),
    storesNominal: form.phStores === 'nominal',
    oneBottle: flag(form.phOneBottle),
    spearTip: flag(form.phSpear),
    replaceable: flag(form.phReplaceable),
    wetting: wettingOf(form, base),
    pieces: form.phPoints === '3pieces' ? true : undefined,
    adjustable: form.phAdjust !== 'none',
    press: phPress(form, base.press),
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
    accuracyMsPerCm: form.ecAccuracy,
    press: {
      ...base.press,
      by: form.ecAdjust,
      holdSeconds: form.ecHold,
      autoOffMinutes: form.autoOff ?? null,
    },
  };
}

/** The pen a form stands for; what the form does not ask keeps the profile's value. */
export function penOf(form: PenFormOut, base: Pen): Pen {
  const { code, name, checkPolicy, cleaningPolicy, tolerancePolicy } = form;
  return {
    ...base,
    ...moreOf(form, base),
    code,
    name,
    checkPolicy,
    cleaningPolicy,
    tolerancePolicy,
    ph: base.ph && phSide(form, base.ph),
    ec: base.ec && ecSide(form, base.ec),
  };
}
