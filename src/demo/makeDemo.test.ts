import { parseRevision } from '@/records';
import { makeDemo } from './index';

const nowMs = new Date(2026, 4, 20, 10, 30).getTime();
const demo = makeDemo({ nowMs, zone: 'UTC' });

test('only raw records that pass their own schemas, none from the future', () => {
  expect(demo.length).toBeGreaterThan(1200);
  const refused = demo.map(parseRevision).filter((result) => !result.ok);
  expect(refused).toEqual([]);
  expect(demo.filter((revision) => Date.parse(revision.at) > nowMs)).toEqual([]);
});

test('the same seed makes the same book', () => {
  expect(makeDemo({ nowMs, zone: 'UTC' })).toEqual(demo);
});
