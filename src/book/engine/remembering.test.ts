import { Remembering, type Remembered } from './remembering';

/** Facts that can be set, and how often each thing was worked out. */
function told() {
  const all = new Remembering();
  const facts = new Map<string, number>();
  const runs = new Map<string, number>();
  const fact = (name: string) => {
    all.read(name);
    return facts.get(name) ?? 0;
  };
  const made = <T>(name: string, work: () => T, how?: Remembered<T>) =>
    all.remember(
      name,
      () => {
        runs.set(name, (runs.get(name) ?? 0) + 1);
        return work();
      },
      how,
    );
  const set = (name: string, value: number) => {
    facts.set(name, value);
    all.changed([name]);
  };
  return { all, fact, made, set, runs };
}

test('is worked out once, and anew only where a fact it read is another', () => {
  const { fact, made, set, runs } = told();
  const sum = () => made('sum', () => fact('a') + fact('b'));
  expect(sum()).toBe(0);
  set('c', 9);
  expect(sum()).toBe(0);
  expect(runs.get('sum')).toBe(1);
  set('b', 2);
  expect(sum()).toBe(2);
  expect(runs.get('sum')).toBe(2);
});

test('what was made of something that came out the same stays', () => {
  const { fact, made, set, runs } = told();
  const isMany = () => made('isMany', () => fact('count') > 3);
  const word = () => made('word', () => (isMany() ? 'many' : 'few'));
  expect(word()).toBe('few');
  set('count', 2);
  expect(word()).toBe('few');
  expect([runs.get('isMany'), runs.get('word')]).toEqual([2, 1]);
  set('count', 4);
  expect(word()).toBe('many');
});

test('a value that counts as the same is kept as it was, so that small moves do not add up', () => {
  const { fact, made, set } = told();
  const near = () => made('near', () => fact('x'), { same: (a, b) => Math.abs(a - b) < 1 });
  expect(near()).toBe(0);
  set('x', 0.6);
  expect(near()).toBe(0);
  set('x', 1.2);
  expect(near()).toBe(1.2);
});

test('what it reads may change from one time to the next', () => {
  const { fact, made, set, runs } = told();
  const chosen = () => made('chosen', () => (fact('which') === 0 ? fact('a') : fact('b')));
  chosen();
  set('b', 5);
  chosen();
  expect(runs.get('chosen')).toBe(1);
  set('which', 1);
  expect(chosen()).toBe(5);
  set('a', 7);
  chosen();
  expect(runs.get('chosen')).toBe(2);
});

test('what fails is not kept, and is met again by who asks; put right, it is worked out', () => {
  const { fact, made, set } = told();
  const part = () =>
    made('part', () => {
      if (fact('bad') === 1) throw new Error('bad');
      return fact('bad');
    });
  const whole = () => made('whole', () => part() + 1);
  expect(whole()).toBe(1);
  set('bad', 1);
  expect(whole).toThrow('bad');
  expect(whole).toThrow('bad');
  set('bad', 2);
  expect(whole()).toBe(3);
});

test('forgetting works everything out anew; what nobody asked for is let go', () => {
  const { all, fact, made, set, runs } = told();
  const a = () => made('a', () => fact('a'));
  a();
  all.forget();
  a();
  expect(runs.get('a')).toBe(2);
  for (let change = 0; change < 200; change += 1) set('other', change);
  a();
  expect(runs.get('a')).toBe(3);
});

test('of what is asked for a moment only the newest is kept', () => {
  const { fact, made, runs, set } = told();
  const at = (minute: number) => made('now', () => fact('a') + minute, { at: minute });
  expect([at(1), at(1), at(2), at(1)]).toEqual([1, 1, 2, 1]);
  expect(runs.get('now')).toBe(3);
  set('a', 10);
  expect(at(1)).toBe(11);
});

test('what was made for one moment still follows its own facts when another was asked for since', () => {
  const { fact, made, set } = told();
  const window = (from: number) => made('window', () => fact(`day${from}`), { at: from });
  const early = () => made('early', () => window(1) * 10);
  set('day1', 1);
  expect(early()).toBe(10);
  expect(window(2)).toBe(0);
  set('day1', 5);
  expect(early()).toBe(50);
});
