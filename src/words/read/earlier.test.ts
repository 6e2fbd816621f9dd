import { earlierChoices, localInput, momentTyped, takenWords } from './earlier';

const now = new Date(2026, 4, 20, 10, 15).getTime();

test('what is offered lies before now, and says its day', () => {
  const choices = earlierChoices(now);
  expect(choices.map(({ ms }) => takenWords(ms, now))).toEqual([
    'today 09:15',
    'today 07:30',
    'yesterday 18:00',
    'yesterday 10:15',
    'yesterday 07:30',
  ]);
  // Before breakfast this morning's walk is still to come.
  const dawn = new Date(2026, 4, 20, 6, 0).getTime();
  expect(earlierChoices(dawn).every(({ ms }) => ms < dawn)).toBe(true);
  expect(takenWords(undefined, now)).toBe('now');
  expect(takenWords(new Date(2026, 4, 15, 7, 30).getTime(), now)).toBe('Fri 15 May 07:30');
});

test('a typed moment goes there and back; one to come is none', () => {
  const at = new Date(2026, 4, 18, 7, 5).getTime();
  expect(localInput(at)).toBe('2026-05-18T07:05');
  expect(momentTyped(localInput(at), now)).toBe(at);
  expect(momentTyped('2026-05-21T07:05', now)).toBeUndefined();
  expect(momentTyped('', now)).toBeUndefined();
});
