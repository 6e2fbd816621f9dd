import { initialsMessage } from './initials';

test('initials are needed, short, and each only once', () => {
  expect(initialsMessage(' ', [])).toBe('Type the initials.');
  expect(initialsMessage('ABCDE', [])).toContain('Four');
  expect(initialsMessage('am', ['AM'])).toBe('AM is already there.');
  expect(initialsMessage('jb', ['AM'])).toBeUndefined();
});
