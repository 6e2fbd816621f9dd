import { rowAfterKey } from './rowKeys';

test('arrows, pages, Home and End move within the rows and never past them', () => {
  expect(rowAfterKey('ArrowDown', 3, 5)).toBe(4);
  expect(rowAfterKey('ArrowDown', 4, 5)).toBe(4);
  expect(rowAfterKey('ArrowUp', 0, 5)).toBe(0);
  expect(rowAfterKey('PageDown', 3, 100)).toBe(13);
  expect(rowAfterKey('PageUp', 3, 100)).toBe(0);
  expect(rowAfterKey('Home', 70, 100)).toBe(0);
  expect(rowAfterKey('End', 0, 100)).toBe(99);
  // Enter opens the row: that is the link's own doing.
  expect(rowAfterKey('Enter', 3, 5)).toBeUndefined();
});
