import type { Formats } from '@/words';
import type { Told } from '../told';

/** The curve beside a dose. */
export const curveSays = {
  curveSaid: ({ fromPh, firstPh, fullPh }: Told<'fromPh' | 'firstPh' | 'fullPh'>) =>
    `pH falls or rises from ${fromPh} to ${firstPh} with the first step and ${fullPh} in all.`,
} as const;

/** An amount below the curve: tenths of the small ones, drops whole; with its unit where it stands last. */
export function amountText(
  amount: number,
  { unit, withUnit }: { readonly unit: string; readonly withUnit: boolean },
  formats: Formats,
): string {
  const digits = amount > 0 && amount < 10 && unit !== 'drops' ? 1 : 0;
  const number = formats.number(amount, digits);
  return withUnit ? `${number} ${unit}` : number;
}
