import fc from 'fast-check';
import { codeOfLink, readShortCode, shortCode } from './shortCode';

const anyId = fc.stringMatching(/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/);

test('a code depends on the name alone and is read back from itself', () => {
  fc.assert(
    fc.property(anyId, (id) => {
      const code = shortCode(id);
      expect(code).toMatch(/^[0-9A-HJKMNP-TV-Z]{5}$/);
      expect(shortCode(id)).toBe(code);
      expect(readShortCode(code.toLowerCase())).toBe(code);
      expect(codeOfLink(`HTTPS://KITCHEN.LOCAL:4443/L/${code}`)).toBe(code);
    }),
  );
});

test('what is mistaken by the eye is forgiven; what is no code is not', () => {
  expect(readShortCode(' o1-l2 i')).toBe('01121');
  expect(readShortCode('ABCD')).toBeUndefined();
  expect(readShortCode('ABCDEF')).toBeUndefined();
  expect(readShortCode('ABCU1')).toBeUndefined();
  expect(codeOfLink('https://elsewhere.test/L/ABC')).toBeUndefined();
  expect(codeOfLink('ABCDE')).toBeUndefined();
});

test('a thousand names made one after the other share hardly any code', () => {
  const names = Array.from({ length: 1000 }, (_, at) => `01KQHPHYE${String(at).padStart(17, '0')}`);
  // By chance alone 1000² / 2 / 2²⁵ = 0.015 pairs.
  expect(new Set(names.map(shortCode)).size).toBeGreaterThan(997);
  // Neighbours differ in more than a letter: one mistyped is hardly ever the other.
  const near = names.slice(1).filter((name, at) => {
    const [a, b] = [shortCode(name), shortCode(names[at]!)];
    return [...a].filter((letter, place) => letter === b[place]).length >= 4;
  });
  expect(near.length).toBeLessThan(10);
});
