import fc from 'fast-check';
import { byDescent, factsAt, headsOf, idSource, writeChange, writeRevision } from './index';
import type { Change, Revision } from './index';

const makeId = idSource(() => 0.5);
const DAY_MS = 86_400_000;
const NOW_MS = Date.UTC(2026, 4, 1);
const YEAR_MS = 365 * DAY_MS;

function write(change: Partial<Change<'person'>>, nowMs: number, id = makeId): Revision<'person'> {
  const writer = { makeId: id, nowMs, zone: 'UTC', by: '', device: 'phone' };
  return writeRevision({ kind: 'person', body: { initials: 'AB', name: '' }, ...change }, writer);
}

test('an edit made under a clock a year ahead does not outlive the one that replaced it', () => {
  const first = write({}, NOW_MS);
  const ahead = write(
    { recordId: first.recordId, parents: [first.revId], body: { initials: 'XX', name: '' } },
    NOW_MS + YEAR_MS,
    idSource(),
  );
  const right = write(
    { recordId: first.recordId, parents: [ahead.revId], body: { initials: 'CD', name: '' } },
    NOW_MS + DAY_MS,
    idSource(),
  );
  expect(right.revId < ahead.revId).toBe(true);
  const all = [ahead, right, first];
  expect(byDescent(all)).toEqual([first, ahead, right]);
  expect(factsAt(all, NOW_MS + 2 * DAY_MS)?.initials).toBe('CD');
  expect(factsAt(all, NOW_MS + 2 * YEAR_MS)?.initials).toBe('CD');
});

test('parents stand before their children in any graph, each once; a circle loses nothing', () => {
  const graph = fc.array(fc.array(fc.nat(30), { maxLength: 4 }), { minLength: 1, maxLength: 30 });
  fc.assert(
    fc.property(graph, fc.boolean(), (links, circular) => {
      const ids = links.map((_, at) => makeId(NOW_MS + at));
      const all = links.map((to, at): Revision<'person'> => {
        const parents = to
          .filter((one) => one < ids.length && (circular || one < at) && one !== at)
          .map((one) => ids[one]!);
        return { ...write({}, NOW_MS), recordId: 'R', revId: ids[at]!, parents };
      });
      const order = byDescent(all);
      expect([...order].sort()).toHaveLength(all.length);
      expect(new Set(order.map(({ revId }) => revId)).size).toBe(all.length);
      if (circular) return;
      const place = new Map(order.map(({ revId }, at) => [revId, at]));
      for (const { revId, parents } of all)
        for (const parent of parents) expect(place.get(parent)!).toBeLessThan(place.get(revId)!);
    }),
    { seed: 4 },
  );
});

test('a change long ago in a long chain is found without running out of stack', () => {
  const chain = [write({}, NOW_MS)];
  for (let at = 1; at < 5000; at += 1) {
    const { recordId, revId } = chain[at - 1]!;
    chain.push(write({ recordId, parents: [revId] }, NOW_MS + at));
  }
  expect(byDescent(chain).at(-1)).toBe(chain.at(-1));
});

test('any number of sides can be joined: 40 heads become one', () => {
  const first = write({}, NOW_MS);
  const { recordId } = first;
  const sides = Array.from({ length: 40 }, (_, at) =>
    write({ recordId, parents: [first.revId] }, NOW_MS + 1 + at),
  );
  const parents = sides.map(({ revId }) => revId);
  const joined = writeChange(
    { kind: 'person', recordId, parents, body: { initials: 'CD', name: '' } },
    { makeId, nowMs: NOW_MS + 100, zone: 'UTC', by: '', device: 'phone' },
  );
  expect(joined.length).toBe(3);
  expect(joined.every((step) => step.parents.length <= 16)).toBe(true);
  expect(headsOf([first, ...sides, ...joined])).toEqual([joined.at(-1)]);
});
