import type { BenchPlan } from '@/core/procedure';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { seenWords, type Seen } from './stillWords';

const formats = makeFormats(DEFAULT_FORMATS);
const plan = { quantity: 'ph', resolution: 0.01 } as BenchPlan;

/** A display that starts 0.6 away and heads for 7.02 with a response time. */
const approach = (tauS: number, untilS: number, everyS = 4): Seen[] =>
  Array.from({ length: Math.floor(untilS / everyS) + 1 }, (_, at) => ({
    atMs: 1000 * at * everyS,
    value: Number((7.02 + 0.6 * Math.exp((-at * everyS) / tauS)).toFixed(2)),
  }));

test('says where it heads and how fast', () => {
  const words = seenWords(approach(12, 40), plan, formats, 40_000);
  expect(words).toMatch(/^Heading for 7\.0[1-3] pH; half of the remaining way takes [789] s\.$/);
});

test('a very slow probe is called slow although it hardly moves any more', () => {
  // 120 s of response: after 10 min the last 30 s move less than 0.02, yet it is far from done.
  const seen = approach(300, 600, 30);
  expect(seenWords(seen, plan, formats, 600_000)).toMatch(/^Still moving, slowly, heading for/);
});

test('one value says nothing', () => {
  expect(seenWords([{ atMs: 0, value: 7 }], plan, formats, 9_000)).toBe('');
});
