import { z } from 'zod';
import { idSource } from '@/records';
import type { StoragePort } from '@/records/storage/port';

/** What belongs to this phone alone, not to the book. */
const deviceSchema = z.object({
  deviceId: z.string().min(1).max(64),
  /** Absent until the first choice. */
  openBook: z.enum(['own', 'demo']).optional(),
  theme: z.enum(['day', 'lightsOut']).default('day'),
  textScale: z.number().min(1).max(2).default(1),
  /** Initials of who holds this phone. */
  initials: z.string().max(4).default(''),
  shortcuts: z.boolean().default(true),
  /** A tone and a buzz when a display stands still. */
  sounds: z.boolean().default(true),
  /** The browser's offer to install was shown. */
  installOffered: z.boolean().optional(),
  /** The Round shows what others look after too. */
  roundOfAll: z.boolean().optional(),
  /** Being called when a timer ends was offered and declined. */
  callsDeclined: z.boolean().optional(),
  /** Where the tour of the demo stands; absent: nobody takes it. */
  tourStep: z.number().int().min(0).max(99).nullish(),
  /** When a file of the own book was last made on this device, epoch ms. */
  lastCopyMs: z.number().optional(),
});

/** Some settings of this phone, to be changed. */
export const devicePatchSchema = z.object(
  Object.fromEntries(
    Object.entries(deviceSchema.shape).map(([name, held]) => [name, held.optional()]),
  ),
);

export type DeviceSettings = z.infer<typeof deviceSchema>;

const KEY = 'device';

/** What stands under the key, where it can be understood: nothing of the book is in here. */
function parseHeld(held: unknown): DeviceSettings | undefined {
  if (typeof held !== 'string') return undefined;
  try {
    return deviceSchema.safeParse(JSON.parse(held)).data;
  } catch {
    return undefined;
  }
}

/** Changes some settings of this phone in one transaction, since tabs share them. */
export function changeDevice(
  port: StoragePort,
  patch: Partial<DeviceSettings>,
  nowMs: number,
): Promise<DeviceSettings> {
  return port.inOneGo('write', async (within) => {
    const known = parseHeld(await within.get(KEY)) ?? { deviceId: idSource()(nowMs) };
    const changed = deviceSchema.parse({ ...known, ...patch });
    await within.set(KEY, JSON.stringify(changed));
    return changed;
  });
}

/** The settings of this phone as they are kept; undefined where there are none, or they are damaged. */
export async function heldDevice(port: StoragePort): Promise<DeviceSettings | undefined> {
  const [held] = await port.getMany([KEY]);
  return parseHeld(held);
}

/** Reads the settings of this phone, making them on first use. A damaged entry is replaced. */
export async function loadDevice(port: StoragePort, nowMs: number): Promise<DeviceSettings> {
  return (await heldDevice(port)) ?? changeDevice(port, {}, nowMs);
}
