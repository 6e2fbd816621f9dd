import type { Product } from '@/core/chemistry';
import type { Addition } from '@/records/kinds';
import { GENERIC_PRODUCTS } from '@/records/products';
import type { BookState } from './bookState';
import type { ProductId } from '@/records';

/** A product by its name: one of the grower's own, as diluted on site, or a general one. */
export function productById(book: BookState, id: ProductId | undefined): Product | undefined {
  if (id === undefined) return undefined;
  const own = book.record('product', id)?.body;
  if (!own) return GENERIC_PRODUCTS.find((generic) => generic.id === id)?.product;
  const { reagent, strength, dilutedParts = 1 } = own;
  return dilutedParts === 1
    ? { reagent, strength }
    : { reagent, strength: { kind: 'diluted', of: strength, parts: dilutedParts } };
}

/** What names a product whose strength nobody knows: its record, else what it was called. */
export const unknownNameOf = ({ productId, productName }: Addition) => productId ?? productName;
