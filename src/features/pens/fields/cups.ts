import type { PhSide } from '@/records/kinds';

/** The cups of each buffer family, in the usual order. */
export const FAMILY_CUPS = {
  technical: [7, 4.01, 10.01],
  'technical-7.01': [7.01, 4.01, 10.01],
  'technical-4.00': [7, 4, 10],
  sachet: [6.86, 4, 9.18],
} as const satisfies Record<PhSide['family'], readonly number[]>;

/** So near to a buffer of its family a typed cup is meant to be that one, pH. */
const SAME_BUFFER_PH = 0.15;

/**
 * Cups as the family prints them: a pen that knows 7.01, 4.01 and 10.01 is not dipped in 7, 4 and 10.
 * A value that no buffer of the family is near stays as it was typed.
 */
export const asFamilyPrints = (
  family: PhSide['family'],
  typed: readonly number[],
): readonly number[] =>
  typed.map(
    (value) =>
      FAMILY_CUPS[family].find((printed) => Math.abs(printed - value) < SAME_BUFFER_PH) ?? value,
  );

/** Whether a side's cups are the usual ones of its family. */
export const hasUsualCups = ({ family, cupsPh }: PhSide): boolean =>
  cupsPh.every((value, at) => value === FAMILY_CUPS[family][at]);

/** Cups typed in their own order: "7 4.01 10.01", comma or point; undefined when none can be read. */
export function typedCups(typed: string): number[] | undefined {
  const values = typed
    .trim()
    .split(/[;\s]+|,\s+/)
    .filter(Boolean)
    .map((part) => Number(part.replace(',', '.')));
  const good = values.length >= 1 && values.length <= 3 && values.every((v) => v >= 1 && v <= 13);
  return good ? values : undefined;
}
