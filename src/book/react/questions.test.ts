import { questions } from './questions';

const keyOf = ({
  key,
  moving,
}: {
  readonly key: readonly string[];
  readonly moving?: number | undefined;
}) => JSON.stringify([key, moving]);
const wish = { productId: 'a', aimPh: 6, chasingAccepted: false, neverChanged: false };

/* A part of a question that its key leaves out would show one answer under another's name. */
test.each([
  ['a tank', questions.tank('a', 1), questions.tank('b', 1)],
  ['a time', questions.tank('a', 1), questions.tank('a', 2)],
  ['a sample', questions.tankHistory('a', 'tank'), questions.tankHistory('a', 'drain')],
  ['a page', questions.readingsPage('a', 'tank', 20), questions.readingsPage('a', 'tank', 40)],
  ['an aim', questions.dosePlan('a', wish, 1), questions.dosePlan('a', { ...wish, aimPh: 6.1 }, 1)],
  [
    'no aim',
    questions.dosePlan('a', wish, 1),
    questions.dosePlan('a', { ...wish, aimPh: undefined }, 1),
  ],
  [
    'a product',
    questions.dosePlan('a', wish, 1),
    questions.dosePlan('a', { ...wish, productId: 'b' }, 1),
  ],
  [
    'chasing',
    questions.dosePlan('a', wish, 1),
    questions.dosePlan('a', { ...wish, chasingAccepted: true }, 1),
  ],
  [
    'a doubt',
    questions.dosePlan('a', wish, 1),
    questions.dosePlan('a', { ...wish, neverChanged: true }, 1),
  ],
  ['a quantity', questions.lookBack('a', 'ph', 1), questions.lookBack('a', 'ec', 1)],
  ['a check', questions.lookBack('a', 'ph', 1), questions.lookBack('a', 'ph', 2)],
] as const)('%s that differs is another question', (_what, one, other) => {
  expect(keyOf(one)).not.toBe(keyOf(other));
});

test('questions about different things never share a key', () => {
  const keys = [
    questions.rows('tank'),
    questions.rows('pen'),
    questions.tanks(1),
    questions.pens(1),
    questions.tank('a', 1),
    questions.pen('a', 1),
    questions.dose('a', 1),
    questions.ecDose('a', 1),
    questions.waterUse('a', 1),
    questions.entry('a'),
  ].map(keyOf);
  expect(new Set(keys).size).toBe(keys.length);
});
