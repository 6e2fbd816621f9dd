import type { Cup } from '@/core/procedure';
import type { Formats } from '@/words';

/** What a cup is called: by its value, never by the trade's bottle colours. */
export function cupName(cup: Cup, formats: Formats): string {
  return cup.quantity === 'ph'
    ? formats.number(cup.buffer.nominalPh, 2)
    : formats.number(cup.standard.nominalMsPerCm, cup.standard.nominalMsPerCm < 2 ? 3 : 2);
}

/** "the 7.00 buffer", "the 1.413 standard". */
export function cupLiquid(cup: Cup, formats: Formats): string {
  return `the ${cupName(cup, formats)} ${cup.quantity === 'ph' ? 'buffer' : 'standard'}`;
}
