import type { ReadingRow, TankAnswer } from '@/book/answers';
import { hasNumber, type JudgedValue } from '@/core/readings';
import { ago, judgedWords, type Formats } from '@/words';

/** A number stays with its unit, an age with its "ago": where there is no room, the whole of it goes on. */
export const inOneLine = (text: string) => text.replaceAll(' ', '\u00a0');

/** A value with its ±, rounded as that allows; as shown, and without one, where its pen gives no number. */
export function withItsPlusMinus(
  { value, standing, budget }: JudgedValue,
  quantity: 'ph' | 'ec',
  formats: Formats,
): string {
  if (!hasNumber(standing)) return quantity === 'ec' ? formats.ec(value) : formats.ph(value);
  const pair = quantity === 'ec' ? formats.ecPair : formats.phPair;
  const written = pair(value, budget.expandedU);
  return `${written.value} ± ${written.plusMinus}`;
}

/** The same with its unit, and said to be as shown where it is. */
function valueText(
  judged: JudgedValue | undefined,
  quantity: 'ph' | 'ec',
  formats: Formats,
): string | undefined {
  if (!judged) return undefined;
  const written = withItsPlusMinus(judged, quantity, formats);
  const said = hasNumber(judged.standing) ? written : `shown ${written}`;
  return quantity === 'ec' ? `${said} ${formats.ecUnit}` : `pH ${said}`;
}

/** What a reading came to: "pH 5.62 ± 0.06 · 1.20 ± 0.04 mS/cm". */
export function valuesText({ ph, ec }: ReadingRow, formats: Formats): string {
  const values = [valueText(ph?.judged, 'ph', formats), valueText(ec?.judged, 'ec', formats)];
  return values.flatMap((value) => (value ? inOneLine(value) : [])).join(' · ');
}

/** Why a reading gives no verdict, in a word; undefined for one that does. */
function doubtOf({ ph, ec }: ReadingRow): string | undefined {
  const doubtful = [ph?.judged, ec?.judged].find((one) => one && one.standing !== 'checked');
  return doubtful && judgedWords(doubtful, '').word;
}

/** The line under a tank's notch at its stop. */
export function tankLine({ latest }: TankAnswer, formats: Formats, nowMs: number): string {
  if (!latest) return 'not read yet';
  const doubt = doubtOf(latest);
  const age = `${inOneLine(ago(latest.atMs, nowMs))}${doubt ? `, ${doubt}` : ''}`;
  return `${valuesText(latest, formats)} ${age}`;
}
