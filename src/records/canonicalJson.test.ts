import { canonicalJson } from './canonicalJson';

test('keys are in order at every depth; what is undefined is left out of objects', () => {
  expect(canonicalJson({ b: 1, a: { d: [2, { z: 1, y: undefined }], c: 'x' } })).toBe(
    '{"a":{"c":"x","d":[2,{"z":1}]},"b":1}',
  );
  expect(canonicalJson(undefined)).toBe('null');
  expect(canonicalJson([undefined, null, 'a'])).toBe('[null,null,"a"]');
});

test('equal values give equal text in whatever order their keys came', () => {
  const forth = { zone: 'UTC', at: 1, body: { note: '', by: 'LV' } };
  const back = { body: { by: 'LV', note: '' }, at: 1, zone: 'UTC' };
  expect(canonicalJson(forth)).toBe(canonicalJson(back));
});
