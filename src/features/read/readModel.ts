import type { PenAnswer, PenSide } from '@/book/answers';
import { checkEcEntry, checkPhEntry, checkTempEntry } from '@/core/plausibility';
import { assessEc, assessPh, judgeTank, type JudgedValue } from '@/core/readings';
import { celsiusFromFahrenheit } from '@/core/units';
import type { Tank } from '@/records/kinds';
import {
  ecMessage,
  notANumber,
  parseDecimal,
  phMessage,
  tempMessage,
  type FieldMessage,
  type Formats,
} from '@/words';

/** What stands in the fields of Read, as typed. */
export interface ReadTyped {
  readonly ph: string;
  readonly ec: string;
  readonly temp: string;
}

/** One field read: a value, nothing typed, or a message. */
interface FieldRead {
  readonly value?: number | undefined;
  readonly message?: FieldMessage | undefined;
}

/** All that Read shows while typing. */
export interface ReadView {
  readonly ph: FieldRead & { readonly judged?: JudgedValue | undefined };
  readonly ec: FieldRead & { readonly judged?: JudgedValue | undefined };
  /** In °C whatever the unit typed in. */
  readonly temp: FieldRead;
  /** Nothing wrong and at least one value. */
  readonly canSave: boolean;
}

interface Input {
  readonly typed: ReadTyped;
  readonly tank: Pick<Tank, 'phBand' | 'ecBand' | 'alphaPerC'>;
  readonly phPen?: PenAnswer | undefined;
  readonly ecPen?: PenAnswer | undefined;
  readonly formats: Formats;
}

function readField(
  typed: string,
  what: string,
  check: (value: number) => FieldMessage | undefined,
): FieldRead {
  const parsed = parseDecimal(typed);
  if (!parsed.ok) return parsed.reason === 'empty' ? {} : { message: notANumber(parsed, what) };
  return { value: parsed.value, message: check(parsed.value) };
}

/** A side of a pen, where it has one. */
export function sideOf<Q extends 'ph' | 'ec'>(
  pen: PenAnswer | undefined,
  quantity: Q,
): Extract<PenSide, { quantity: Q }> | undefined {
  return pen?.sides.find(
    (side): side is Extract<PenSide, { quantity: Q }> => side.quantity === quantity,
  );
}

function readTemp({ typed, formats }: Input): FieldRead {
  const toC = formats.settings.tempUnit === '°F' ? celsiusFromFahrenheit : (x: number) => x;
  const field = readField(typed.temp, 'temperature', (value) => {
    const issue = checkTempEntry(toC(value));
    return issue && tempMessage(issue, formats);
  });
  return { ...field, value: field.value === undefined ? undefined : toC(field.value) };
}

function readEc({ typed, tank, ecPen, formats }: Input, tempC: number | undefined): ReadView['ec'] {
  const pen = ecPen?.body.ec;
  const side = sideOf(ecPen, 'ec');
  if (!pen || !side) return {};
  const field = readField(typed.ec, 'EC', (value) => {
    const issue = checkEcEntry(value, pen.scale);
    return issue && ecMessage(issue, pen.scale, formats);
  });
  if (field.value === undefined || field.message) return field;
  const assessed = assessEc({
    shown: field.value,
    tempC,
    pen,
    state: side.state,
    feedAlphaPerC: tank.alphaPerC,
  });
  if (assessed.ok) return { ...field, judged: judgeTank(assessed.value, tank.ecBand) };
  const text =
    assessed.refusal.reason === 'temperatureNeeded'
      ? 'This pen does not compensate for temperature: type the tank’s temperature too.'
      : 'Conductivity is compensated between 0 and 50 °C only.';
  return { ...field, message: { text } };
}

function readPh(
  { typed, tank, phPen, formats }: Input,
  tempC: number | undefined,
  ecMsPerCm: number | undefined,
): ReadView['ph'] {
  const pen = phPen?.body.ph;
  const side = sideOf(phPen, 'ph');
  if (!pen || !side) return {};
  const field = readField(typed.ph, 'pH', (value) => {
    const issue = checkPhEntry(value);
    return issue && phMessage(issue, formats);
  });
  if (field.value === undefined || field.message) return field;
  const assessed = assessPh({ shownPh: field.value, tempC, pen, state: side.state });
  return { ...field, judged: judgeTank(assessed, tank.phBand, ecMsPerCm) };
}

/** Everything Read shows for what stands in its fields: values, messages, verdicts. Pure. */
export function readView(input: Input): ReadView {
  const temp = readTemp(input);
  const tempC = temp.message ? undefined : temp.value;
  const ec = readEc(input, tempC);
  const ph = readPh(input, tempC, ec.judged?.value);
  const messages = [ph, ec, temp].some((field) => field.message);
  const canSave = !messages && (ph.value !== undefined || ec.value !== undefined);
  return { ph, ec, temp, canSave };
}
