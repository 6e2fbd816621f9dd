import { parentOf } from './parentOf';

test.each([
  ['/tanks/t1/dose', '/tanks/t1'],
  ['/tanks/waters/new', '/tanks/waters'],
  ['/pens/p1/bench', '/pens/p1'],
  ['/shelf/new', '/shelf'],
  ['/help', '/'],
  ['/', '/'],
])('%s hangs under %s', (path, parent) => {
  expect(parentOf(path)).toBe(parent);
});
