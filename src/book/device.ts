import { z } from 'zod';
import { idSource } from '@/records';
import type { StoragePort } from '@/records/storage/port';
import type { RunLocked } from '@/records/storage/compact';

/** What belongs to this phone alone, not to the book. */
const deviceSchema = z.object({
  deviceId: z.string(),
  /** Absent until the first choice. */
  openBook: z.enum(['own', 'demo']).optional(),
  theme: z.enum(['day', 'lightsOut']).default('day'),
  textScale: z.number().min(1).max(2).default(1),
  /** Initials of who holds this phone. */
  initials: z.string().max(4).default(''),
  shortcuts: z.boolean().default(true),
  /** A tone and a buzz when a display stands still. */
  sounds: z.boolean().default(true),
});

export type DeviceSettings = z.infer<typeof deviceSchema>;

const KEY = 'device';

/** Reads the settings of this phone, making them on first use. A damaged entry is replaced. */
export async function loadDevice(port: StoragePort, nowMs: number): Promise<DeviceSettings> {
  const [text] = await port.getMany([KEY]);
  let data: unknown = null;
  try {
    data = JSON.parse(text ?? 'null');
  } catch {
    // Falls through to fresh settings: nothing of the book is in here.
  }
  const parsed = deviceSchema.safeParse(data);
  if (parsed.success) return parsed.data;
  const fresh = deviceSchema.parse({ deviceId: idSource()(nowMs) });
  await port.setMany([[KEY, JSON.stringify(fresh)]]);
  return fresh;
}

/** Changes some of them; read, change and write under a lock, since tabs share the entry. */
export async function changeDevice(
  port: StoragePort,
  runLocked: RunLocked,
  patch: Partial<DeviceSettings>,
): Promise<DeviceSettings> {
  let result: DeviceSettings | undefined;
  await runLocked(async () => {
    const current = await loadDevice(port, 0);
    result = deviceSchema.parse({ ...current, ...patch });
    await port.setMany([[KEY, JSON.stringify(result)]]);
  });
  if (!result) throw new Error('Settings of this phone could not be written.');
  return result;
}
