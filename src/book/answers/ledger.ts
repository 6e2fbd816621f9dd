import type { Kind } from '@/records/kinds';
import type { SessionRow, CareRow } from './pens';
import type { ReadingRow, AdditionRow } from './tanks';

/** One line of the Book. */
export type LedgerRow =
  | {
      readonly kind: 'care';
      readonly atMs: number;
      readonly row: CareRow & { readonly penCode: string };
    }
  | {
      readonly kind: 'addition';
      readonly atMs: number;
      readonly row: AdditionRow & { readonly tankName: string };
    }
  | { readonly kind: 'reading'; readonly atMs: number; readonly row: ReadingRow }
  | { readonly kind: 'session'; readonly atMs: number; readonly row: SessionRow };

/** The newest part of the Book. */
export interface LedgerAnswer {
  readonly rows: readonly LedgerRow[];
  readonly total: number;
}

/** A record changed on two devices, waiting for somebody to choose. */
export interface Conflict {
  readonly recordId: string;
  readonly kind: Kind;
  readonly name: string;
  /** Oldest first. */
  readonly heads: readonly {
    readonly revId: string;
    readonly atMs: number;
    readonly by: string;
    readonly device: string;
    readonly deleted: boolean;
  }[];
  readonly differs: readonly { readonly field: string; readonly values: readonly string[] }[];
}
