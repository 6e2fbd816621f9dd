import { memoryStorage } from '@/records/storage/memory';
import { keepPracticeRun, practiceRuns, type PracticeRun } from './practiceRuns';

const run = (id: string, more: Partial<PracticeRun> = {}): PracticeRun => ({
  id,
  practice: 'tooEarly',
  endedAtMs: 1,
  by: 'AB',
  minutes: 12,
  mistakes: ['pressedEarly'],
  errorPh: 0.2,
  tankOffPh: 0,
  wornDays: 0,
  bufferMl: 40,
  ...more,
});

test('a run is kept once, however often it comes', async () => {
  const port = memoryStorage();
  await keepPracticeRun(port, run('a'));
  await Promise.all([keepPracticeRun(port, run('b')), keepPracticeRun(port, run('b'))]);
  expect((await practiceRuns(port)).map(({ id }) => id)).toEqual(['a', 'b']);
});

test('the oldest go, and what cannot be read is left out', async () => {
  const port = memoryStorage();
  for (let at = 0; at < 305; at += 1) await keepPracticeRun(port, run(String(at)));
  const kept = await practiceRuns(port);
  expect(kept).toHaveLength(300);
  expect(kept[0]!.id).toBe('5');
  await port.inOneGo('write', (within) => within.set('practice', '[{"id":1},"x"]'));
  expect(await practiceRuns(port)).toEqual([]);
  await port.inOneGo('write', (within) => within.set('practice', '{broken'));
  expect(await practiceRuns(port)).toEqual([]);
});

test('a run that is none is refused', async () => {
  const wrong = run('a', { by: 'TOOLONG' });
  await expect(keepPracticeRun(memoryStorage(), wrong)).rejects.toThrow();
});
