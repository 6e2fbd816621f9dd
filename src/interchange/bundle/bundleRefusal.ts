import type { Revision } from '@/records';

/** Why a file is not taken. Nothing is written for any of these. */
export type BundleRefusal =
  | { readonly reason: 'tooLarge'; readonly bytes: number; readonly limitBytes: number }
  | { readonly reason: 'notOurs' }
  | { readonly reason: 'cutOff' }
  /** A digest disagrees: something in it was changed since it was made. */
  | {
      readonly reason: 'changed';
      /** The piece, from 1; absent where the whole disagrees. */
      readonly piece?: number | undefined;
    }
  | { readonly reason: 'newer'; readonly version: number; readonly known: number }
  | {
      readonly reason: 'badRecord';
      /** Its place in the file, from 1. */
      readonly place: number;
      readonly path: string;
      readonly message: string;
    };

/** What came out of a file: its revisions, and how much it holds that could not be read. */
export interface ReadBundle {
  /** Empty where they were only counted. */
  readonly revisions: readonly Revision[];
  readonly count: number;
  /** Values of storage that the book it came from could not read either. */
  readonly setAside: number;
}
