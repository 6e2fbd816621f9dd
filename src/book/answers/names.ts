import type { BodyOf, Kind, RevId, IdOf } from '@/records';

/** Names of a record and of the revision an answer was made from; a change names the latter. */
export interface RecordNames<K extends Kind> {
  readonly id: IdOf<K>;
  readonly revId: RevId;
}

/** A record as it stands. */
export interface Row<K extends Kind> extends RecordNames<K> {
  readonly body: BodyOf<K>;
  readonly by: string;
}
