import type { Liquid } from '@/core/lots';
import type { Pen } from '@/records';

/** The liquids a check of one side of a pen is poured from; one bottle for both serves its EC side too. */
export function liquidsOf({ ph, ec }: Pen, quantity: 'ph' | 'ec'): readonly Liquid[] {
  if (quantity === 'ph')
    return (ph?.cupsPh ?? []).map((nominal) => ({ kind: 'buffer' as const, nominal }));
  const oneBottle = ph?.oneBottle && !ph.twoModes;
  return ec && !oneBottle ? [{ kind: 'ecStandard', nominal: ec.standardMsPerCm }] : [];
}
