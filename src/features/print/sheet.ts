/** A part of a document. */
export type SheetBlock =
  | { readonly kind: 'heading'; readonly text: string }
  | { readonly kind: 'text'; readonly text: string }
  | {
      readonly kind: 'facts';
      readonly facts: readonly { readonly label: string; readonly value: string }[];
    }
  | {
      readonly kind: 'table';
      readonly caption: string;
      readonly heads: readonly string[];
      readonly rows: readonly (readonly string[])[];
      /** What stands where there are no rows. */
      readonly empty: string;
    };

/** A document as it is printed: black on white, whoever reads it. */
export interface Sheet {
  readonly title: string;
  /** What it is about and of when, in one line. */
  readonly about: string;
  readonly blocks: readonly SheetBlock[];
}
