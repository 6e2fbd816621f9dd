import { canonicalJson } from './canonicalJson';

test('keys are in order at every depth; what is undefined is left out of objects', () => {
  expect(canonicalJson({ b: 1, a: { d: [2, { z: 1, y: undefined }], c: 'x' } })).toBe(
    '{"a":{"c":"x","d":[2,{"z":1}]},"b":1}',
  );
  expect(canonicalJson(undefined)).toBe('null');
  expect(canonicalJson([undefined, null, 'a'])).toBe('[null,null,"a"]');
});

test('equal values give equal text in whatever order their keys came, a thousand shapes and more', () => {
  for (let at = 0; at < 1500; at += 1) {
    const keys = [`k${at}`, 'at', `m${at % 7}`, 'zone'];
    const forth = Object.fromEntries(keys.map((key) => [key, key.length]));
    const back = Object.fromEntries([...keys].reverse().map((key) => [key, key.length]));
    expect(canonicalJson(forth)).toBe(canonicalJson(back));
  }
});

test('keys that look like two of another shape lose nothing', () => {
  const nul = '\u0000';
  expect(canonicalJson({ [`b${nul}c`]: 1, a: 2 })).toBe(`{"a":2,"b\\u0000c":1}`);
  // The same text between its keys, parted otherwise.
  expect(canonicalJson({ b: 1, [`c${nul}a`]: 2 })).toBe(`{"b":1,"c\\u0000a":2}`);
  expect(canonicalJson({ b: 1, c: 2, a: 3 })).toBe('{"a":3,"b":1,"c":2}');
});
