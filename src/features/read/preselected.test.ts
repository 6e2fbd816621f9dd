import type { PenAnswer } from '@/book/answers';
import type { PenWord } from '@/core/schedule';
import { preselected } from './preselected';

const pen = (id: string, word: PenWord) =>
  ({ id, word, sides: [{ quantity: 'ph', word }], body: {} }) as unknown as PenAnswer;

test.each([
  [
    'the one used last',
    [
      ['a', 'ready'],
      ['b', 'checkDue'],
    ],
    'b',
    'b',
  ],
  [
    'not one that rests',
    [
      ['a', 'ready'],
      ['b', 'resting'],
    ],
    'b',
    'a',
  ],
  [
    'not one in its soak',
    [
      ['a', 'soaking'],
      ['b', 'cantBeTrusted'],
    ],
    'a',
    'b',
  ],
  [
    'no unverified one where a checked one is at hand',
    [
      ['a', 'unverified'],
      ['b', 'checkDue'],
    ],
    'a',
    'b',
  ],
  [
    'an unverified one where there is no other',
    [
      ['a', 'unverified'],
      ['b', 'resting'],
    ],
    'b',
    'a',
  ],
  ['one that rests before none at all', [['a', 'resting']], undefined, 'a'],
] as const)('%s', (_, pens, last, chosen) => {
  expect(
    preselected(
      pens.map(([id, word]) => pen(id, word)),
      'ph',
      last,
    )?.id,
  ).toBe(chosen);
});

test('without a pen there is none', () => {
  expect(preselected([], 'ph', 'a')).toBeUndefined();
});
