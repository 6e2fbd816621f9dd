import type { ExpectedNow } from '@/book/answers';
import { isSurprising } from '@/core/forecast';
import type { JudgedValue } from '@/core/readings';
import type { Formats } from '@/words';

/** One question about a value that this tank was not expected to show; undefined for an ordinary one. */
export function surpriseQuestion(
  judged: { readonly ph?: JudgedValue | undefined; readonly ec?: JudgedValue | undefined },
  expected: ExpectedNow | undefined,
  formats: Formats,
): string | undefined {
  for (const quantity of ['ph', 'ec'] as const) {
    const value = judged[quantity];
    const wanted = expected?.[quantity];
    if (!value || !wanted) continue;
    const { stdU } = value.budget;
    if (!isSurprising({ value: value.value, stdU }, wanted, quantity)) continue;
    const write = quantity === 'ph' ? (x: number) => formats.number(x, 1) : formats.ec;
    const unit = quantity === 'ph' ? 'pH' : formats.ecUnit;
    const [low, high] = [wanted.value - 2 * wanted.stdU, wanted.value + 2 * wanted.stdU];
    return `Expected ${write(low)} to ${write(high)} ${unit} here. Rinse, swirl and re-read, or keep ${write(value.value)}?`;
  }
  return undefined;
}
