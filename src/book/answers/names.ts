import type { BodyOf, Kind } from '@/records';

/** Names of a record and of the revision an answer was made from; a change names the latter. */
export interface RecordNames {
  readonly id: string;
  readonly revId: string;
}

/** A record as it stands. */
export interface Row<K extends Kind> extends RecordNames {
  readonly body: BodyOf<K>;
  readonly by: string;
}
