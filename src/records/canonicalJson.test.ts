import fc from 'fast-check';
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

/** The same by a copy with its keys in order, given to the platform. */
function byCopy(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(byCopy);
  if (value === null || typeof value !== 'object') return value;
  const held = value as Readonly<Record<string, unknown>>;
  return Object.fromEntries(
    Object.keys(held)
      .sort()
      .map((key) => [key, byCopy(held[key])]),
  );
}

test('it is what the platform writes of a copy in order, whatever the value', () => {
  const any = fc.anything({ withBigInt: false, withNullPrototype: false, maxDepth: 4 });
  fc.assert(
    fc.property(fc.oneof(fc.jsonValue(), any), (value) => {
      expect(canonicalJson(value)).toBe(JSON.stringify(byCopy(value)) ?? 'null');
    }),
    { numRuns: 500 },
  );
});

test('keys that are numbers stand first; keys with what stands between keys are no others', () => {
  expect(canonicalJson({ b: 1, 10: 2, 9: 3 })).toBe('{"9":3,"10":2,"b":1}');
  expect(canonicalJson({ 'a\nb': 1, c: 2 })).toBe('{"a\\nb":1,"c":2}');
  expect(canonicalJson({ a: 1, 'b\nc': 2 })).toBe('{"a":1,"b\\nc":2}');
  expect(canonicalJson('say "no" to \\ and é')).toBe('"say \\"no\\" to \\\\ and é"');
  expect(canonicalJson([NaN, -0, 1e21, true])).toBe('[null,0,1e+21,true]');
});
