import type { Quantity } from '@/core/calibration';
import type { Role } from './columns';

/** Why a row is not taken in. */
export type RowTrouble =
  | { readonly reason: 'noMoment' }
  | { readonly reason: 'badMoment'; readonly text: string }
  /** Later than now, or before anybody measured with a pen. */
  | { readonly reason: 'ahead' }
  | { readonly reason: 'longAgo' }
  | { readonly reason: 'noValue' }
  | { readonly reason: 'notNumber'; readonly role: Role; readonly text: string }
  | {
      readonly reason: 'outside';
      readonly role: Role;
      readonly value: number;
      readonly from: number;
      readonly to: number;
    }
  | { readonly reason: 'unknownSample'; readonly text: string }
  | { readonly reason: 'unknownScale'; readonly text: string }
  /** Its place or pen is left out, or not known. */
  | { readonly reason: 'noPlace'; readonly name: string }
  | { readonly reason: 'noPen'; readonly name: string }
  | { readonly reason: 'penLacks'; readonly name: string; readonly quantity: Quantity }
  /** A check whose buffer nobody sells. */
  | { readonly reason: 'unknownBuffer'; readonly text: string }
  | { readonly reason: 'noFound' }
  /** What happened then was erased for good: it does not come back. */
  | { readonly reason: 'erased' }
  /** The same as one that is in the book, or that stands above it. */
  | { readonly reason: 'double' };

/** A row that is not taken in, by its line in the file, counted from 1. */
export interface Rejected {
  readonly line: number;
  readonly trouble: RowTrouble;
}
