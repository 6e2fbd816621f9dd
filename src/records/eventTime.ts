import type { Revision } from './revision';

/** The field that tells when it happened, for kinds that tell of something that happened. */
const HAPPENED: Readonly<Record<string, string>> = {
  reading: 'takenAt',
  session: 'finishedAt',
  addition: 'at',
  careEvent: 'at',
  jarTest: 'at',
  controlReading: 'at',
  comparison: 'at',
  skip: 'at',
  standing: 'at',
  intake: 'at',
  erasure: 'at',
};

/** When what a revision tells of happened, UTC; when it was written, for facts and deletions. */
export function happenedAt({ kind, body, at }: Revision): string {
  const field = HAPPENED[kind];
  if (field === undefined || body === null) return at;
  const told = (body as Readonly<Record<string, unknown>>)[field];
  return typeof told === 'string' ? told : at;
}

/** The same as epoch ms. */
export function eventMs(revision: Revision): number {
  const ms = Date.parse(happenedAt(revision));
  return Number.isNaN(ms) ? Date.parse(revision.at) : ms;
}
