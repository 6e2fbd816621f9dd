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

/** The comparison a form stands for, now; or what is wrong, each message at its field. */
export function comparisonOf(
  typed: Typed,
  { pen, other, what, inIce, formats }: About,
): { readonly body?: Comparison; readonly messages: CompareMessages } {
  const isTemp = what === 'temp';
  const own = readValue(typed.own, what, formats);
  const second = isTemp && inIce ? { value: 0 } : readValue(typed.other, what, formats);
  const degrees = parseDecimal(typed.temp);
  const tempC = degrees.ok ? celsiusFrom(degrees.value, formats.settings.tempUnit) : undefined;
  const tempIssue = tempC === undefined || isTemp ? undefined : checkTempEntry(tempC);
  const unreadTemp = !isTemp && typed.temp.trim() !== '' && !degrees.ok;
  const messages: CompareMessages = {
    ...(own.message ? { own: own.message } : {}),
    ...(second.message ? { other: second.message } : {}),
    ...(tempIssue ? { temp: tempMessage(tempIssue, formats) } : {}),
    ...(unreadTemp ? { temp: notANumber(degrees, 'temperature') } : {}),
  };
  if (Object.keys(messages).length > 0 || own.value === undefined || second.value === undefined)
    return { messages };
  const against: Comparison['against'] | undefined = isTemp
    ? inIce
      ? { by: 'meltingIce' }
      : { by: 'thermometer', shownC: second.value }
    : other && { by: 'pen', penId: other.id, shown: second.value };
  if (!against) return { messages };
  const at = new Date().toISOString();
  const body = { penId: pen.id, at, what, shown: own.value, against, note: '' };
  return { messages, body: isTemp || tempC === undefined ? body : { ...body, tempC } };
}
