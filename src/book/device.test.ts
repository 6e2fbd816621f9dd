import { memoryStorage } from '@/records/storage/memory';
import { changeDevice, loadDevice } from './device';

test('a phone gets a name once and keeps it', async () => {
  const port = memoryStorage();
  const first = await loadDevice(port, 1_700_000_000_000);
  expect(first).toMatchObject({ theme: 'day', textScale: 1, initials: '' });
  expect(await loadDevice(port, 1_800_000_000_000)).toEqual(first);
});

test('a change keeps the rest; a damaged entry starts afresh', async () => {
  const held = new Map<string, unknown>();
  const port = memoryStorage(held);
  const { deviceId } = await loadDevice(port, 1_700_000_000_000);
  await changeDevice(port, { theme: 'lightsOut' }, 2);
  expect(await loadDevice(port, 1)).toMatchObject({ deviceId, theme: 'lightsOut', textScale: 1 });
  held.set('device', '{broken');
  expect((await loadDevice(port, 1_700_000_000_001)).theme).toBe('day');
  await expect(changeDevice(port, { textScale: 9 }, 3)).rejects.toThrow();
});
