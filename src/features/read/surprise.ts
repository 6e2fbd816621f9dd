import type { ExpectedNow } from '@/book/answers';
import type { Quantity } from '@/core/calibration';
import { isSurprising } from '@/core/forecast';
import { outsideUsual, type Liquid } from '@/core/plausibility';
import type { JudgedValue } from '@/core/readings';
import type { Sample } from '@/records/samples';
import type { Formats } from '@/words';
import { surpriseSays } from '@/words/read/surprise';

/** What liquid a sample is; a stock solution or another sample can be anything. */
const LIQUID: Readonly<Record<Sample, Liquid | undefined>> = {
  tank: 'feed',
  source: 'water',
  dripper: 'feed',
  drain: 'feed',
  stock: undefined,
  substrateDirect: 'feed',
  substrateSlurry: 'feed',
  pourThrough: 'feed',
  other: undefined,
};

interface About {
  readonly sample: Sample;
  /** What this tank was expected to show now, where it is known. */
  readonly expected: ExpectedNow | undefined;
  readonly formats: Formats;
}

const QUANTITIES = ['ph', 'ec'] as const;

/** A value as the pen shows it: the one that was typed, so that it is known again. */
const asShown = ({ value, correction }: JudgedValue): number => value + correction;

/** How a value of a quantity is written, and its unit. */
const writing = (quantity: Quantity, formats: Formats) =>
  quantity === 'ph'
    ? { write: (x: number) => formats.number(x, 2), unit: 'pH' }
    : { write: formats.ec, unit: formats.ecUnit };

/**
 * One question about a value that was not expected: not of this tank, or not of any such liquid.
 * Undefined for an ordinary one.
 */
export function surpriseQuestion(
  judged: { readonly ph?: JudgedValue | undefined; readonly ec?: JudgedValue | undefined },
  { sample, expected, formats }: About,
): string | undefined {
  for (const quantity of QUANTITIES) {
    const value = judged[quantity];
    const wanted = expected?.[quantity];
    if (!value || !wanted) continue;
    const { stdU } = value.budget;
    if (!isSurprising({ value: value.value, stdU }, wanted, quantity)) continue;
    const { write, unit } = writing(quantity, formats);
    return surpriseSays.expected({
      low: write(wanted.value - 2 * wanted.stdU),
      high: `${write(wanted.value + 2 * wanted.stdU)} ${unit}`,
      value: `${write(asShown(value))} ${unit}`,
    });
  }
  const liquid = LIQUID[sample];
  for (const quantity of QUANTITIES) {
    const value = judged[quantity];
    if (!liquid || value === undefined || expected?.[quantity]) continue;
    const outside = outsideUsual(liquid, quantity, value.value);
    if (!outside) continue;
    const { write, unit } = writing(quantity, formats);
    const told = {
      limit: `${write(outside.limit)} ${unit}`,
      value: `${write(asShown(value))} ${unit}`,
    };
    return surpriseSays.unusual[liquid][outside.end](told);
  }
  return undefined;
}
