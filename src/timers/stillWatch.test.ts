import { stillWatch } from './stillWatch';

test('still after 30 s without movement, with the time it took to come to rest', () => {
  const times = { dipSinceMs: 0, stillSinceMs: 14_000 };
  expect(stillWatch(times, 30_000)).toMatchObject({ still: false, remainingS: 14 });
  expect(stillWatch(times, 44_000)).toMatchObject({ still: true, settleS: 14, remainingS: 0 });
  expect(stillWatch(times, 900_000).still).toBe(true);
});

test('not started, and a clock set back, say nothing', () => {
  expect(stillWatch({}, 5)).toMatchObject({ running: false, still: false, remainingS: 30 });
  expect(stillWatch({ stillSinceMs: 10_000 }, 5_000)).toMatchObject({ still: false, elapsedS: 0 });
});
