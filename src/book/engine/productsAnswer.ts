import type { ProductAnswer } from '@/book/answers';
import type { BookState } from './bookState';
import type { ProductId } from '@/records';

/** What was poured of a product since a moment, in its own unit. */
function pouredSince(book: BookState, productId: ProductId, sinceMs: number): number {
  return book.all('addition').reduce((sum, { body }) => {
    const counts = body.productId === productId && Date.parse(body.at) >= sinceMs;
    return counts ? sum + (body.doseMl ?? body.doseG ?? 0) : sum;
  }, 0);
}

/** Products of one's own, with what is left of each. */
export function productsAnswer(book: BookState): readonly ProductAnswer[] {
  return book.all('product').map(({ id, head, body }) => {
    const { left, leftAt } = body;
    const poured = leftAt === undefined ? 0 : pouredSince(book, id, Date.parse(leftAt));
    return {
      id,
      revId: head.revId,
      body,
      left: left === undefined ? undefined : Math.max(0, left - poured),
    };
  });
}
