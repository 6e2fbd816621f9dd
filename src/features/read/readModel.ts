import type { PenAnswer, PenSide } from '@/book/answers';
import type { Quantity } from '@/core/calibration';
import { checkEcEntry, checkPhEntry, checkTempEntry } from '@/core/plausibility';
import { assess, judgeTank, type JudgedValue, type ReadingInput } from '@/core/readings';
import { celsiusFrom, litresFrom } from '@/core/units';
import type { Tank } from '@/records/kinds';
import { bandsOf, dipsShown, meanShown, type Sample } from '@/records/samples';
import {
  ecMessage,
  notANumber,
  parseDecimal,
  phMessage,
  tempMessage,
  type FieldMessage,
  type Formats,
  QUANTITY_NAME,
} from '@/words';
import { READ_REFUSAL, readSays } from '@/words/read/read';

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

/** What was read, when, and its earlier dips. */
export interface About {
  readonly sample: Sample;
  /** Absent: now, when it is saved. */
  readonly takenMs?: number | undefined;
  readonly dips: Dips;
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
export function sideOf(pen: PenAnswer | undefined, quantity: Quantity): PenSide | undefined {
  return pen?.sides.find((side) => side.quantity === quantity);
}

function readTemp({ typed, formats }: Input): FieldRead {
  const toC = (temp: number) => celsiusFrom(temp, formats.settings.tempUnit);
  const field = readField(typed.temp, 'temperature', (value) => {
    const issue = checkTempEntry(toC(value));
    return issue && tempMessage(issue, formats);
  });
  return { ...field, value: field.value === undefined ? undefined : toC(field.value) };
}

/** What the core needs of one quantity as it stands in its field; undefined without a pen for it. */
function inputOf(
  quantity: Quantity,
  all: { readonly shown: number; readonly repeats: readonly number[] },
  { tank, phPen, ecPen, tempC }: Input & { readonly tempC: number | undefined },
): ReadingInput | undefined {
  const pen = quantity === 'ph' ? phPen : ecPen;
  const side = sideOf(pen, quantity);
  if (!pen || !side) return undefined;
  const { state, repeatStdU } = side;
  const common = { shown: meanShown(all), dips: dipsShown(all), tempC, state, repeatStdU };
  if (quantity === 'ph') return pen.body.ph ? { quantity, pen: pen.body.ph, ...common } : undefined;
  const feedAlphaPerC = tank.alphaPerC;
  return pen.body.ec ? { quantity, pen: pen.body.ec, feedAlphaPerC, ...common } : undefined;
}

/** A typing mistake of one quantity, where there is one. */
function mistakeIn(
  quantity: Quantity,
  value: number,
  { ecPen, formats }: Input,
): FieldMessage | undefined {
  if (quantity === 'ph') {
    const issue = checkPhEntry(value);
    return issue && phMessage(issue, formats);
  }
  const scale = ecPen?.body.ec?.scale ?? 'mS/cm';
  const issue = checkEcEntry(value, scale);
  return issue && ecMessage(issue, scale, formats);
}

/** One quantity as typed: its value, what it is worth, or a message. */
function readSide(
  quantity: Quantity,
  input: Input & { readonly tempC: number | undefined; readonly ecMsPerCm?: number | undefined },
): ReadView['ph'] {
  const { typed, tank, sample, dips, ecMsPerCm } = input;
  if (!sideOf(quantity === 'ph' ? input.phPen : input.ecPen, quantity)) return {};
  const field = readField(typed[quantity], QUANTITY_NAME[quantity], (value) =>
    mistakeIn(quantity, value, input),
  );
  const all = allDips(field, dips?.[quantity]);
  const reading = all && !field.message ? inputOf(quantity, all, input) : undefined;
  if (!reading) return field;
  const assessed = assess(reading);
  if (assessed.ok) {
    const band = bandsOf(tank, sample ?? 'tank')[quantity];
    return { ...field, judged: judgeTank(assessed.value, band, ecMsPerCm) };
  }
  const { reason } = assessed.refusal;
  return { ...field, message: { text: READ_REFUSAL[reason] } };
}

/** A number in a range, or a message. */
function readPlain(typed: string, what: string, range: readonly [number, number], unit: string) {
  const [low, high] = range;
  return readField(typed, what, (value) =>
    value < low || value > high ? { text: readSays.possible(low, high, unit) } : undefined,
  );
}

/** Everything Read shows for what stands in its fields: values, messages, verdicts. Pure. */
export function readView(input: Input): ReadView {
  const { typed, formats, dips } = input;
  const temp = readTemp(input);
  const tempC = temp.message ? undefined : temp.value;
  const ec = readSide('ec', { ...input, tempC });
  const ph = readSide('ph', { ...input, tempC, ecMsPerCm: ec.judged?.value });
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
