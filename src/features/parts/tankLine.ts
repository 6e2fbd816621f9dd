import type { ReadingRow, TankAnswer } from '@/book/answers';
import { hasNumber, type JudgedValue } from '@/core/readings';
import { ago, judgedWords, type Formats } from '@/words';

/** A number stays with its unit, an age with its "ago": where there is no room, the whole of it goes on. */
export const inOneLine = (text: string) => text.replaceAll(' ', '\u00a0');

/** A value as a stop states it, rounded as its ± allows; as shown where its pen gives no number. */
function valueText(
  judged: JudgedValue | undefined,
  quantity: 'ph' | 'ec',
  formats: Formats,
): string | undefined {
  if (!judged) return undefined;
  const { value, standing, budget } = judged;
  const shown = hasNumber(standing) ? '' : 'shown ';
  if (quantity === 'ec') return `${shown}${formats.ec(value)} ${formats.ecUnit}`;
  const ph = shown ? formats.number(value, 2) : formats.phPair(value, budget.expandedU).value;
  return `pH ${shown}${ph}`;
}

/** Why a reading gives no verdict, in a word; undefined for one that does. */
function doubtOf({ ph, ec }: ReadingRow): string | undefined {
  const doubtful = [ph?.judged, ec?.judged].find((one) => one && one.standing !== 'checked');
  return doubtful && judgedWords(doubtful, '').word;
}

/** The line under a tank's notch at its stop. */
export function tankLine({ latest }: TankAnswer, formats: Formats, nowMs: number): string {
  if (!latest) return 'not read yet';
  const ph = valueText(latest.ph?.judged, 'ph', formats);
  const ec = valueText(latest.ec?.judged, 'ec', formats);
  const values = [ph, ec].flatMap((value) => (value ? inOneLine(value) : []));
  const doubt = doubtOf(latest);
  const age = `${inOneLine(ago(latest.atMs, nowMs))}${doubt ? `, ${doubt}` : ''}`;
  return `${values.join(' · ')} ${age}`;
}
