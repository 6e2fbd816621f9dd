import { bufferPhAt, kindOfNominal, type TemperaturePoint } from '@/core/buffers';
import type { Lot } from '@/records/kinds';
import { standardEcAt } from '@/core/conductivity';

/** Temperatures cups have, °C. */
const TEMPS_C = [10, 15, 20, 25, 30];

/** A liquid's value by temperature: as its label prints it, else as its recipe says. */
export function labelOrKnown({ kind, nominal, labelTable, labelAlphaPerC }: Lot) {
  if ((kind !== 'buffer' && kind !== 'ecStandard') || nominal === undefined) return [];
  return labelTable ?? valuesByTemperature(kind, nominal, labelAlphaPerC);
}

/** What is known of a liquid by its nominal value alone; nothing where no recipe is known. */
export function valuesByTemperature(
  kind: 'buffer' | 'ecStandard',
  nominal: number,
  labelAlphaPerC?: number,
): readonly TemperaturePoint[] {
  const recipe = kind === 'buffer' ? kindOfNominal(nominal) : undefined;
  if (kind === 'buffer' && !recipe) return [];
  if (kind === 'ecStandard' && !(nominal > 0 && nominal <= 50)) return [];
  return TEMPS_C.flatMap((tempC) => {
    const at = recipe
      ? bufferPhAt({ kind: recipe, nominalPh: nominal }, tempC)
      : standardEcAt({ nominalMsPerCm: nominal, labelAlphaPerC }, tempC);
    return at.ok ? [{ tempC, value: at.value }] : [];
  });
}
