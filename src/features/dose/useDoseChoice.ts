import { useState } from 'react';
import { useLocalSearchParams } from 'expo-router';
import type { DoseAnswer } from '@/book/answers';
import { useDraft } from '@/book/react';
import type { AnyProduct } from '@/features/products/useProducts';
import { parseDecimal } from '@/words';
import { isAimPh } from '@/core/dosing';
import { firstProduct } from './doseModel';
import type { ProductId } from '@/records';

/** What the grower chose for a tank's dose; kept through other screens and a reload. */
export interface DoseChoice {
  readonly productId?: ProductId | undefined;
  readonly aim: string;
}

/** The aim as typed; undefined where none was, or none that can be: then the middle of the band. */
export function aimOf(typed: string): number | undefined {
  const parsed = parseDecimal(typed);
  return parsed.ok && isAimPh(parsed.value) ? parsed.value : undefined;
}

/** The chosen product and aim of a tank; a product named by the way here wins. */
export function useDoseChoice(answer: DoseAnswer, products: readonly AnyProduct[]) {
  const { product: named } = useLocalSearchParams<{ product?: string }>();
  const [choice, setChoice] = useState<DoseChoice>({ productId: named, aim: '' });
  const kept = useDraft<DoseChoice>(`dose/${answer.tank.id}`, (draft) => {
    setChoice(named ? { ...draft, productId: named } : draft);
  });
  const change = (next: Partial<DoseChoice>) => {
    setChoice({ ...choice, ...next });
    kept.keep({ ...choice, ...next });
  };
  const wanted = choice.productId ?? firstProduct(answer, products);
  const chosen = products.find(({ id }) => id === wanted) ?? products[0]!;
  return {
    chosen,
    aim: choice.aim,
    setProduct: (productId: ProductId) => change({ productId }),
    setAim: (aim: string) => change({ aim }),
    /** Once poured, the next dose begins from the tank again. */
    forget: kept.forget,
  };
}
