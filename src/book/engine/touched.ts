import type { Kind, RecordId } from '@/records';
import type { BookRevisions, LiveRecord } from './bookRevisions';

/** Records that are about to change, with what each was. */
export class Touched {
  readonly before = new Map<RecordId, LiveRecord<Kind> | undefined>();
  /** So many that none is named. */
  all = false;

  constructor(private readonly of: BookRevisions) {}

  note(id: RecordId): void {
    if (!this.all && !this.before.has(id)) this.before.set(id, this.of.live(id));
  }
}
