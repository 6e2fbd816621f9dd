/** A revision of some version, not yet parsed. */
export type RawRevision = Readonly<Record<string, unknown>>;

/** One numbered step: takes revisions of version `from` to the next one. Pure, and never undone. */
export interface Migration {
  readonly from: number;
  readonly step: (revision: RawRevision) => RawRevision;
}
