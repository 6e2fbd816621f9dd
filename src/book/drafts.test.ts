import { memoryStorage } from '@/records/storage/memory';
import { draftsIn } from './drafts';

test('a draft is kept, replaced and forgotten', async () => {
  const drafts = draftsIn(memoryStorage());
  await drafts.keep('read', '{"ph":"5|9"}', 1000);
  expect(await drafts.load('read', 2000)).toBe('{"ph":"5|9"}');
  await drafts.keep('read', null, 3000);
  expect(await drafts.load('read', 3000)).toBeNull();
});

test('yesterday’s draft is not offered again', async () => {
  const drafts = draftsIn(memoryStorage());
  await drafts.keep('read', 'old', 0);
  expect(await drafts.load('read', 24 * 3_600_000 + 1)).toBeNull();
});
