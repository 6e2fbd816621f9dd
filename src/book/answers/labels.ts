import type { Lot } from '@/records/kinds';

/** What may bear a label, with the short code on it. */
export type Labelled = { readonly id: string; readonly short: string } & (
  | { readonly kind: 'tank'; readonly number: number; readonly name: string }
  | { readonly kind: 'pen'; readonly code: string; readonly name: string }
  | { readonly kind: 'lot'; readonly body: Lot }
);
