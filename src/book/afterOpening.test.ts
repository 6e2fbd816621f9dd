import { afterOpening } from './afterOpening';
import { turn } from './longWork';

/** A book that opens when told to, and notes what is asked of it. */
function aBook() {
  const heard: string[] = [];
  const openings: { done: () => void; failed: () => void }[] = [];
  const api = afterOpening({
    open: (name: string) =>
      new Promise<string>((resolve, reject) =>
        openings.push({ done: () => resolve(name), failed: () => reject(new Error(name)) }),
      ),
    round: (which: string) => {
      heard.push(which);
      return Promise.resolve(`the Round ${which}`);
    },
    rescue: () => Promise.resolve(heard.push('rescue')),
  });
  return { api, heard, openings };
}

test('what is asked while a book is opened waits for it, one turn after the other', async () => {
  const { api, heard, openings } = aBook();
  const opened = api.open('own').then(() => heard.push('open'));
  const [first] = [api.round('a'), api.round('b').then(() => heard.push('b answered'))];
  await turn();
  expect(heard).toEqual([]);
  openings[0]!.done();
  await opened;
  expect(await first).toBe('the Round a');
  expect(heard).toEqual(['open', 'a']);
  await turn();
  await turn();
  expect(heard).toEqual(['open', 'a', 'b', 'b answered']);
});

test('an opening that never ends holds up neither a rescue nor what a newer one is asked', async () => {
  const { api, heard, openings } = aBook();
  const never = api.open('never');
  await api.rescue();
  expect(heard).toEqual(['rescue']);
  const second = api.open('in memory');
  openings[1]!.done();
  expect(await Promise.race([never, second])).toBe('in memory');
  expect(await api.round('a')).toBe('the Round a');
});

test('where it fails, what waited goes on; with nothing under way nothing waits', async () => {
  const { api, heard, openings } = aBook();
  const opening = api.open('own');
  const asked = api.round('a');
  openings[0]!.failed();
  await expect(opening).rejects.toThrow('own');
  expect(await asked).toBe('the Round a');
  await turn();
  const next = api.round('b');
  expect(heard).toEqual(['a', 'b']);
  expect(await next).toBe('the Round b');
});
