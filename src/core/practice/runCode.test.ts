import fc from 'fast-check';
import { AGES_DAYS, codeOf, FAULTS, SEEDS, specFromCode, surprise, TASK_IDS } from './index';

test('every code leads back to its run', () => {
  const seed = fc.integer({ min: 0, max: SEEDS - 1 });
  const task = fc.record({ id: fc.constantFrom(...TASK_IDS), seed });
  const free = fc.record({
    id: fc.constant('free' as const),
    seed,
    profileAt: fc.integer({ min: 0, max: 15 }),
    ageDays: fc.constantFrom(...AGES_DAYS),
    fault: fc.constantFrom(...FAULTS),
  });
  fc.assert(
    fc.property(fc.oneof(task, free), (spec) => {
      const code = codeOf(spec);
      expect(code).toMatch(/^[2-9A-Z]{3}-[2-9A-Z]{4}$/);
      expect(specFromCode(code.toLowerCase().replace('-', ' '))).toEqual(spec);
    }),
  );
});

test('a letter mistyped or two swapped are noticed', () => {
  const code = codeOf({ id: 'tooEarly', seed: 123_456 });
  const letters = code.replace('-', '');
  for (let at = 0; at < letters.length; at += 1) {
    const other = letters[at] === 'K' ? 'M' : 'K';
    const wrong = letters.slice(0, at) + other + letters.slice(at + 1);
    expect(specFromCode(wrong)).toBeUndefined();
  }
  const [a, b, ...rest] = letters;
  if (a !== b) expect(specFromCode(`${b}${a}${rest.join('')}`)).toBeUndefined();
  for (const none of ['', 'K7Q', 'OOO-OOOO', 'K7Q-4MPX-22'])
    expect(specFromCode(none)).toBeUndefined();
});

test('a surprise is another one for another seed, and the same for the same', () => {
  const all = Array.from({ length: 200 }, (_, seed) => surprise(seed, 11));
  expect(surprise(17, 11)).toEqual(all[17]);
  expect(new Set(all.map(({ profileAt }) => profileAt)).size).toBe(11);
  expect(new Set(all.map(({ fault }) => fault)).size).toBe(FAULTS.length);
});
