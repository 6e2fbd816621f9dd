import { z } from 'zod';
import type { StoragePort } from '@/records/storage/port';

/** A practice that was finished: kept on this device, apart from every book. */
export const practiceRunSchema = z.object({
  id: z.string().min(1).max(40),
  /** A task's id, or `free`. */
  practice: z.string().min(1).max(20),
  code: z.string().max(8).optional(),
  endedAtMs: z.number(),
  by: z.string().max(4),
  minutes: z.number(),
  /** Kinds of mistakes, each once. */
  mistakes: z.array(z.string().max(24)).max(60),
  errorPh: z.number().optional(),
  errorEcRel: z.number().optional(),
  tankOffPh: z.number(),
  wornDays: z.number(),
  bufferMl: z.number(),
});

export type PracticeRun = z.infer<typeof practiceRunSchema>;

const KEY = 'practice';

/** As many as this are kept; the oldest go. */
const MOST_RUNS = 300;

/** What stands there, as far as it can be understood. */
function parseHeld(held: unknown): readonly PracticeRun[] {
  if (typeof held !== 'string') return [];
  try {
    const list: unknown = JSON.parse(held);
    if (!Array.isArray(list)) return [];
    return list.flatMap((one) => practiceRunSchema.safeParse(one).data ?? []);
  } catch {
    return [];
  }
}

/** Every finished practice on this device, oldest first. */
export async function practiceRuns(port: StoragePort): Promise<readonly PracticeRun[]> {
  const [held] = await port.getMany([KEY]);
  return parseHeld(held);
}

/** Keeps a finished practice; the same run is kept once, however often it comes. */
export function keepPracticeRun(
  port: StoragePort,
  run: PracticeRun,
): Promise<readonly PracticeRun[]> {
  return port.inOneGo('write', async (within) => {
    const known = parseHeld(await within.get(KEY)).filter(({ id }) => id !== run.id);
    const kept = [...known, practiceRunSchema.parse(run)].slice(-MOST_RUNS);
    await within.set(KEY, JSON.stringify(kept));
    return kept;
  });
}
