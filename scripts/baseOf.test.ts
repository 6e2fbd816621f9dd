import { baseOf } from './baseOf.mjs';

test.each([
  [[], ''],
  [['--base', '/'], ''],
  [['--base', '/zolder/'], '/zolder'],
  [['--base=/a/b.c'], '/a/b.c'],
])('%j is the path %j', (given, base) => {
  expect(baseOf(given)).toBe(base);
});

test.each([
  [['--base', 'zolder']],
  [['--base', '/a//b']],
  [['--base', '/../x/']],
  [['--base', '/a b/']],
])('%j is no path', (given) => {
  expect(() => baseOf(given)).toThrow('is no path');
});

test('anything else is told', () => {
  expect(() => baseOf(['--path', '/a/'])).toThrow('--base /path/');
  expect(() => baseOf(['--base'])).toThrow('--base /path/');
});
