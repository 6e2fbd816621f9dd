/** One fact of an entry, with its unit. */
export interface EntryFact {
  readonly label: string;
  readonly value: string;
}
