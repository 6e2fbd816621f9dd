import type { PenAnswer } from '@/book/answers';
import { checkPhEntry, checkTempEntry } from '@/core/plausibility';
import { celsiusFrom } from '@/core/units';
import type { Comparison } from '@/records/kinds';
import {
  notANumber,
  parseDecimal,
  phMessage,
  tempMessage,
  type FieldMessage,
  type Formats,
} from '@/words';
import { compareSays } from '@/words/pens/compare';

/** What of a pen is compared. */
export type Compared = Comparison['what'];

/** What is typed of a comparison. */
interface Typed {
  readonly own: string;
  readonly other: string;
  readonly temp: string;
}

/** What is wrong, by field. */
export type CompareMessages = Partial<Record<keyof Typed, FieldMessage | undefined>>;

interface About {
  readonly pen: Pick<PenAnswer, 'id' | 'body'>;
  readonly other: Pick<PenAnswer, 'id' | 'body'> | undefined;
  readonly what: Compared;
  readonly inIce: boolean;
  readonly formats: Formats;
}

/** A thermometer's display in ice or beside another, °C. */
const DISPLAY_C = { min: -5, max: 60 } as const;

/** A typed value, or what is wrong with it. */
function readValue(
  typed: string,
  what: Compared,
  formats: Formats,
): { readonly value?: number; readonly message?: FieldMessage } {
  const parsed = parseDecimal(typed);
  if (!parsed.ok) return { message: notANumber(parsed, compareSays.valueShown) };
  const { value } = parsed;
  if (what === 'ph') {
    const issue = checkPhEntry(value);
    return issue ? { message: phMessage(issue, formats) } : { value };
  }
  if (what === 'ec')
    return value > 0 ? { value } : { message: { text: compareSays.outsideDisplay } };
  const shownC = celsiusFrom(value, formats.settings.tempUnit);
  const possible = shownC >= DISPLAY_C.min && shownC <= DISPLAY_C.max;
  return possible ? { value: shownC } : { message: { text: compareSays.outsideDisplay } };
}

/** How warm it is, °C, where that is asked and was typed; or what is wrong with it. */
function readTemp(
  typed: string,
  formats: Formats,
): { readonly tempC?: number; readonly message?: FieldMessage | undefined } {
  if (typed.trim() === '') return {};
  const degrees = parseDecimal(typed);
  if (!degrees.ok) return { message: notANumber(degrees, compareSays.temperature) };
  const tempC = celsiusFrom(degrees.value, formats.settings.tempUnit);
  const issue = checkTempEntry(tempC);
  return issue ? { message: tempMessage(issue, formats) } : { tempC };
}

/** What a pen was compared with, which showed so much; undefined where there is nothing. */
function againstWhat(
  { what, inIce, other }: Pick<About, 'what' | 'inIce' | 'other'>,
  shown: number,
): Comparison['against'] | undefined {
  if (what !== 'temp') return other && { by: 'pen', penId: other.id, shown };
  return inIce ? { by: 'meltingIce' } : { by: 'thermometer', shownC: shown };
}

/** The comparison a form stands for, now; or what is wrong, each message at its field. */
export function comparisonOf(
  typed: Typed,
  about: About,
): { readonly body?: Comparison; readonly messages: CompareMessages } {
  const { pen, what, formats } = about;
  const isTemp = what === 'temp';
  const own = readValue(typed.own, what, formats);
  const second = isTemp && about.inIce ? { value: 0 } : readValue(typed.other, what, formats);
  const temp = isTemp ? {} : readTemp(typed.temp, formats);
  const messages: CompareMessages = {
    ...(own.message ? { own: own.message } : {}),
    ...(second.message ? { other: second.message } : {}),
    ...(temp.message ? { temp: temp.message } : {}),
  };
  if (own.value === undefined || second.value === undefined || temp.message) return { messages };
  const against = againstWhat(about, second.value);
  if (!against) return { messages };
  const at = new Date().toISOString();
  const body = { penId: pen.id, at, what, shown: own.value, against, note: '' };
  const { tempC } = temp;
  return { messages, body: tempC === undefined ? body : { ...body, tempC } };
}
