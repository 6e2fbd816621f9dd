import { UnderWay } from './underWay';

/** A call that lasts until it is ended. */
function lasting() {
  let end: () => void = () => undefined;
  const answered = new Promise<void>((resolve) => {
    end = resolve;
  });
  return { call: () => answered, end };
}

/** Runs on for so long, letting what waits be done. */
const passed = (ms: number) => jest.advanceTimersByTimeAsync(ms);

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** Whether something has come to its end. */
function watched(promise: Promise<void>) {
  const seen = { isOver: false };
  promise.then(
    () => (seen.isOver = true),
    () => undefined,
  );
  return seen;
}

test('with nothing under way it takes no more than a turn', async () => {
  const seen = watched(new UnderWay().quiet());
  await passed(1);
  expect(seen.isOver).toBe(true);
});

test('what nobody waits for lets a call end, and what follows from it', async () => {
  const underWay = new UnderWay();
  const { call, end } = lasting();
  const api = underWay.counted({ save: call });
  const saved = api.save();
  const seen = watched(underWay.quiet());
  await passed(100);
  expect(seen.isOver).toBe(false);
  end();
  await saved;
  await passed(20);
  expect(seen.isOver).toBe(false);
  await passed(20);
  expect(seen.isOver).toBe(true);
});

test('a call that fails is over, and its failure is heard', async () => {
  const underWay = new UnderWay();
  const api = underWay.counted({ save: () => Promise.reject(new Error('no room')) });
  await expect(api.save()).rejects.toThrow('no room');
  const seen = watched(underWay.quiet());
  await passed(40);
  expect(seen.isOver).toBe(true);
});

test('a call that lasts is not waited for without end', async () => {
  const underWay = new UnderWay();
  const api = underWay.counted({ meet: lasting().call });
  const met = watched(api.meet());
  const seen = watched(underWay.quiet());
  await passed(200);
  expect(seen.isOver).toBe(false);
  await passed(200);
  expect(seen.isOver).toBe(true);
  expect(met.isOver).toBe(false);
});
