/** Names of a record and of the revision an answer was made from; a change names the latter. */
export interface RecordNames {
  readonly id: string;
  readonly revId: string;
}
