import { changeDevice } from './device';
import { memoryStorage } from '@/records/storage/memory';
import type { StoragePort } from '@/records/storage/port';
import { openWorkerBook } from './workerBook';

const NOON_MS = Date.UTC(2026, 4, 1, 12);
const moment = { nowMs: NOON_MS, zone: 'Europe/Lisbon' };
const quiet = [() => undefined, () => undefined, () => undefined] as const;

/** Storage that answers nothing until it is let go. */
function held(port: StoragePort) {
  let letGo: () => void = () => undefined;
  const gone = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  const waiting: StoragePort = {
    ...port,
    keys: () => gone.then(() => port.keys()),
    getMany: (keys) => gone.then(() => port.getMany(keys)),
    inOneGo: (mode, work) => gone.then(() => port.inOneGo(mode, work)),
  };
  return { waiting, letGo };
}

// Neither tells other tabs nor packs what it wrote: nothing of it outlives a test.
const Channel = globalThis.BroadcastChannel;
beforeAll(() => {
  Reflect.deleteProperty(globalThis, 'BroadcastChannel');
  jest.spyOn(globalThis, 'setTimeout').mockImplementation(() => 0 as never);
});
afterAll(() => {
  globalThis.BroadcastChannel = Channel;
  jest.restoreAllMocks();
});

test('a storage that answers after the grower went on in memory takes nothing over', async () => {
  const device = memoryStorage();
  await changeDevice(device, { openBook: 'own', initials: 'AB' }, NOON_MS);
  const late = held(device);
  const own = held(memoryStorage());
  const api = openWorkerBook({ device: late.waiting, own: own.waiting }, NOON_MS);
  const first = api.open({ start: 'own', hadBook: false }, moment, ...quiet);
  const heard = first.then(
    () => 'opened',
    (error: Error) => error.name,
  );
  const inMemory = await api.open(
    { start: 'own', hadBook: false, inMemory: true },
    moment,
    ...quiet,
  );
  expect(inMemory).toMatchObject({ book: 'own', lasting: false, device: { initials: '' } });
  await api.setDevice({ initials: 'CD' }, moment);
  late.letGo();
  own.letGo();
  expect(await heard).toBe('LeftForAnother');
  // What is written now goes where the grower was told it goes.
  await api.setDevice({ theme: 'lightsOut' }, moment);
  expect(JSON.parse(String((await device.getMany(['device']))[0]))).toMatchObject({
    initials: 'AB',
    theme: 'day',
  });
});

test('a storage that answers in time is opened as it was begun', async () => {
  const device = memoryStorage();
  await changeDevice(device, { openBook: 'own', initials: 'AB' }, NOON_MS);
  const api = openWorkerBook({ device, own: memoryStorage() }, NOON_MS);
  const opened = await api.open({ start: 'demo', hadBook: false }, moment, ...quiet);
  expect(opened).toMatchObject({ book: 'own', lasting: true, device: { initials: 'AB' } });
});
