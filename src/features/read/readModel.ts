import type { PenAnswer, PenSide } from '@/book/answers';
import { checkEcEntry, checkPhEntry, checkTempEntry } from '@/core/plausibility';
import { assessEc, assessPh, judgeTank, type JudgedValue } from '@/core/readings';
import { celsiusFrom, litresFrom } from '@/core/units';
import type { Tank } from '@/records/kinds';
import { bandsOf, ecShownOf, phShownOf, type Sample } from '@/records/samples';
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
  readonly level: string;
  readonly labPh: string;
  readonly labEc: string;
  readonly note: string;
}

/** Nothing typed yet. */
export const EMPTY_READ: ReadTyped = {
  ph: '',
  ec: '',
  temp: '',
  level: '',
  labPh: '',
  labEc: '',
  note: '',
};

/** Earlier dips of the same sample, each as displayed. */
export interface Dips {
  readonly ph: readonly number[];
  readonly ec: readonly number[];
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
  /** In litres whatever the unit typed in. */
  readonly level: FieldRead;
  readonly labPh: FieldRead;
  /** mS/cm at 25 °C. */
  readonly labEc: FieldRead;
  /** Nothing wrong and at least one value. */
  readonly canSave: boolean;
}

interface Input {
  readonly typed: ReadTyped;
  readonly tank: Pick<Tank, 'phBand' | 'ecBand' | 'sampleBands' | 'alphaPerC'>;
  readonly sample?: Sample | undefined;
  readonly dips?: Dips | undefined;
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

/** All dips of one quantity: the earlier ones, and what stands in the field now. */
function allDips(
  { value, message }: FieldRead,
  earlier: readonly number[] = [],
): { readonly shown: number; readonly repeats: readonly number[] } | undefined {
  const [shown, ...repeats] =
    value === undefined || message !== undefined ? earlier : [...earlier, value];
  return shown === undefined ? undefined : { shown, repeats };
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
  const toC = (temp: number) => celsiusFrom(temp, formats.settings.tempUnit);
  const field = readField(typed.temp, 'temperature', (value) => {
    const issue = checkTempEntry(toC(value));
    return issue && tempMessage(issue, formats);
  });
  return { ...field, value: field.value === undefined ? undefined : toC(field.value) };
}

function readEc(
  { typed, tank, ecPen, formats, sample, dips }: Input,
  tempC: number | undefined,
): ReadView['ec'] {
  const pen = ecPen?.body.ec;
  const side = sideOf(ecPen, 'ec');
  if (!pen || !side) return {};
  const field = readField(typed.ec, 'EC', (value) => {
    const issue = checkEcEntry(value, pen.scale);
    return issue && ecMessage(issue, pen.scale, formats);
  });
  const all = allDips(field, dips?.ec);
  if (!all || field.message) return field;
  const assessed = assessEc({
    ...ecShownOf(all),
    tempC,
    pen,
    state: side.state,
    feedAlphaPerC: tank.alphaPerC,
  });
  if (assessed.ok)
    return { ...field, judged: judgeTank(assessed.value, bandsOf(tank, sample ?? 'tank').ec) };
  const text =
    assessed.refusal.reason === 'temperatureNeeded'
      ? 'This pen does not compensate for temperature: type the tank’s temperature too.'
      : 'Conductivity is compensated between 0 and 50 °C only.';
  return { ...field, message: { text } };
}

function readPh(
  { typed, tank, phPen, formats, sample, dips }: Input,
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
  const all = allDips(field, dips?.ph);
  if (!all || field.message) return field;
  const assessed = assessPh({ ...phShownOf(all), tempC, pen, state: side.state });
  const { ph: band } = bandsOf(tank, sample ?? 'tank');
  return { ...field, judged: judgeTank(assessed, band, ecMsPerCm) };
}

/** A number in a range, or a message. */
function readPlain(typed: string, what: string, range: readonly [number, number], unit: string) {
  const [low, high] = range;
  return readField(typed, what, (value) =>
    value < low || value > high
      ? { text: `${low} to ${high}${unit && ` ${unit}`} is possible here.` }
      : undefined,
  );
}

/** Everything Read shows for what stands in its fields: values, messages, verdicts. Pure. */
export function readView(input: Input): ReadView {
  const { typed, formats, dips } = input;
  const temp = readTemp(input);
  const tempC = temp.message ? undefined : temp.value;
  const ec = readEc(input, tempC);
  const ph = readPh(input, tempC, ec.judged?.value);
  const { volumeUnit } = formats.settings;
  const volume = readPlain(typed.level, 'volume', [0, 1_000_000], volumeUnit);
  const litres = volume.value === undefined ? undefined : litresFrom(volume.value, volumeUnit);
  const level = { ...volume, value: litres };
  const labPh = readPlain(typed.labPh, 'pH', [0, 14], '');
  const labEc = readPlain(typed.labEc, 'EC', [0, 200], 'mS/cm');
  const messages = [ph, ec, temp, level, labPh, labEc].some((field) => field.message);
  const some = [ph.value, ec.value, dips?.ph[0], dips?.ec[0]].some((value) => value !== undefined);
  return { ph, ec, temp, level, labPh, labEc, canSave: !messages && some };
}

/** Whether the pen showed the very same number each of the last times: its display may be held. */
export function looksFrozen(value: number | undefined, last: readonly number[] = []): boolean {
  return value !== undefined && last.length >= 3 && last.every((shown) => shown === value);
}
