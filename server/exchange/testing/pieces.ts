import { idSource, writeChange, type Revision } from '@/records';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const makeId = idSource();
const NOW_MS = Date.UTC(2026, 4, 1, 8);

/** A new person in a book, as one revision. */
export function aPerson(initials: string): Revision {
  const writer = {
    makeId,
    nowMs: NOW_MS,
    zone: 'UTC',
    by: 'AB',
    device: 'phone-a',
    act: makeId(NOW_MS) as string,
  };
  const change = { kind: 'person' as const, body: { name: `Person ${initials}`, initials } };
  return writeChange(change, writer)[0]!;
}

/** A folder that nobody else has. */
export const ownFolder = () => mkdtempSync(join(tmpdir(), 'zolder-exchange-'));
