import { KEYS, meaningOf } from './keyMap';

const pressed = (key: string, more = {}) => ({
  key,
  ctrlKey: false,
  metaKey: false,
  altKey: false,
  typing: false,
  ...more,
});

test('numbers are places, letters are acts in either case', () => {
  expect(meaningOf(pressed('3'), true)).toEqual({ kind: 'place', index: 2 });
  expect(meaningOf(pressed('R'), true)).toEqual({ kind: 'act', act: 'read' });
  expect(meaningOf(pressed('6'), true)).toBeUndefined();
  expect(new Set(KEYS.map(({ key }) => key)).size).toBe(KEYS.length);
});

test('single keys are off while typing, with a modifier, or switched off', () => {
  expect(meaningOf(pressed('r', { typing: true }), true)).toBeUndefined();
  expect(meaningOf(pressed('r', { ctrlKey: true }), true)).toBeUndefined();
  expect(meaningOf(pressed('r'), false)).toBeUndefined();
});

test('back and save work even while typing and with single keys off', () => {
  expect(meaningOf(pressed('Escape', { typing: true }), false)).toEqual({
    kind: 'act',
    act: 'back',
  });
  expect(meaningOf(pressed('Enter', { typing: true, metaKey: true }), false)).toEqual({
    kind: 'act',
    act: 'save',
  });
  expect(meaningOf(pressed('Enter', { typing: true }), true)).toBeUndefined();
});
