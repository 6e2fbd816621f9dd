import type { AlphaPair, AlphaRefusal } from '@/core/conductivity';
import { celsiusFromFahrenheit } from '@/core/units';
import { parseDecimal, type Formats } from '@/words';

/** The rows that hold both numbers, as the fit takes them. */
export function alphaPairs(
  rows: readonly { readonly temp: string; readonly ec: string }[],
  unit: '°C' | '°F',
): readonly AlphaPair[] {
  return rows.flatMap(({ temp, ec }) => {
    const [t, kappa] = [parseDecimal(temp), parseDecimal(ec)];
    if (!t.ok || !kappa.ok || kappa.value <= 0) return [];
    const tempC = unit === '°F' ? celsiusFromFahrenheit(t.value) : t.value;
    return [{ tempC, ecMsPerCm: kappa.value }];
  });
}

/** Why there is no coefficient yet. */
export function alphaRefusalWords(refusal: AlphaRefusal, formats: Formats): string {
  switch (refusal.reason) {
    case 'tooFewPairs':
      return `${refusal.count} of ${refusal.needed} pairs. Three and more tell their own error.`;
    case 'spanTooSmall':
      return `The temperatures span ${formats.number(refusal.spanC, 1)} °C; ${refusal.neededC} are needed.`;
    case 'implausible':
      return `${formats.number(100 * refusal.alphaPerC, 1)} % per °C: no feed does that. Does the pen compensate after all?`;
  }
}
