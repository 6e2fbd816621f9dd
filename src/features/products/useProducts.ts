import { useAnswer, questions } from '@/book/react';
import type { Product } from '@/core/chemistry';
import type { OwnProduct } from '@/records/kinds';
import { GENERIC_PRODUCTS } from '@/records/products';
import { productsSays } from '@/words/products/products';

/** A product that can be poured: one of the general ones, or the grower's own. */
export interface AnyProduct {
  readonly id: string;
  readonly name: string;
  readonly hint: string;
  readonly group: 'home' | 'trained';
  readonly product: Product;
}

/** The chemistry of a product of one's own, diluted on site where it is. */
export function chemistryOf({ reagent, strength, dilutedParts }: OwnProduct): Product {
  return dilutedParts === undefined || dilutedParts === 1
    ? { reagent, strength }
    : { reagent, strength: { kind: 'diluted', of: strength, parts: dilutedParts } };
}

/** One's own products first, then the general ones; undefined until they are known. */
export function useProducts(): readonly AnyProduct[] | undefined {
  const { data } = useAnswer(questions.products());
  return data?.map(ownProduct).concat(GENERIC_PRODUCTS.map((generic) => ({ ...generic })));
}

function ownProduct({ id, body }: { readonly id: string; readonly body: OwnProduct }): AnyProduct {
  const { name, group } = body;
  return { id, name, hint: productsSays.yourOwn, group, product: chemistryOf(body) };
}
