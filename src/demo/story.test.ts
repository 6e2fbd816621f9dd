import { cupTarget, type BenchPlan, type Cup } from '@/core/procedure';
import type { BodyOf, Kind, Revision } from '@/records';
import { makeDemo } from './index';

const nowMs = new Date(2026, 4, 20, 10, 30).getTime();
const DAY_MS = 86_400_000;
const demo = makeDemo({ nowMs, zone: 'UTC' });

/** The newest state of every record of a kind, by id. */
function records<K extends Kind>(kind: K): Map<string, BodyOf<K>> {
  const all = new Map<string, BodyOf<K>>();
  for (const revision of demo as readonly Revision[])
    if (revision.kind === kind && revision.body !== null)
      all.set(revision.recordId, revision.body as BodyOf<K>);
  return all;
}
const bodies = <K extends Kind>(kind: K) => [...records(kind).values()];
const penId = (code: string) =>
  [...records('pen')].find(([, { code: each }]) => each === code)?.[0] ?? '';

/** How far off the first cup was found in each sitting of a pen, in its own unit, oldest first. */
const foundOff = (code: string, quantity: 'ph' | 'ec') =>
  bodies('session')
    .filter((session) => session.penId === penId(code) && session.plan.quantity === quantity)
    .sort((a, b) => a.startedAt.localeCompare(b.startedAt))
    .map(({ plan, events }) => {
      const aim = cupTarget(plan as BenchPlan, plan.cups[0] as Cup);
      const read = events.find((event) => event.type === 'read' && event.phase === 'asFound');
      return aim.ok && read?.type === 'read' ? read.shown - aim.value.target : NaN;
    });

test('P4 was calm for months, was found far too high at its newest check, and that is weeks ago', () => {
  const off = foundOff('P4', 'ph');
  expect(off.length).toBeGreaterThan(6);
  expect(off.slice(0, -1).filter((error) => error > 0.15)).toEqual([]);
  expect(off.at(-1)).toBeGreaterThan(0.15);
  const last = bodies('session').filter((session) => session.penId === penId('P4'));
  const newest = Math.max(...last.map(({ finishedAt }) => Date.parse(finishedAt)));
  expect(nowMs - newest).toBeGreaterThan(14 * DAY_MS);
});

test('P2 dried out some days ago and soaks now', () => {
  const told = bodies('careEvent').filter((event) => event.penId === penId('P2'));
  const dry = told.find(({ what }) => what === 'dryOut');
  const soak = told.find(({ what }) => what === 'soak');
  expect(Date.parse(dry?.at ?? '')).toBeLessThan(nowMs - DAY_MS);
  expect(Date.parse(soak?.until ?? '')).toBeGreaterThan(nowMs);
});

test('P3 read low while its face was greasy, and no longer once it was scrubbed', () => {
  const cleaned = bodies('careEvent').find(
    ({ penId: pen, what }) => pen === penId('P3') && what === 'clean',
  );
  const sittings = bodies('session').filter((session) => session.penId === penId('P3'));
  const before = sittings.filter(({ startedAt }) => startedAt < (cleaned?.at ?? ''));
  const off = foundOff('P3', 'ec');
  const worst = Math.min(...off.slice(0, before.length));
  expect(worst).toBeLessThan(-0.03);
  expect(off.at(-1)).toBeGreaterThan(worst);
});

test('one lot is past its date, one pour waits for its re-read, and nothing else is open', () => {
  const expired = bodies('lot').filter(({ expiresAt }) => Date.parse(expiresAt ?? '') < nowMs);
  expect(expired.map(({ nominal }) => nominal)).toEqual([10.01]);
  const waiting = bodies('addition').filter(({ rereadAt }) => Date.parse(rereadAt ?? '') > nowMs);
  expect(waiting).toHaveLength(1);
  expect(bodies('benchDraft')).toEqual([]);
});

test('readings hold what the display showed and nothing worked out', () => {
  const allowed = [
    'tankId',
    'sampleKind',
    'takenAt',
    'tempC',
    'ph',
    'ec',
    'volumeL',
    'lab',
    'note',
  ];
  const shown = ['shown', 'repeats', 'penId', 'scale'];
  for (const { body } of demo.filter(({ kind }) => kind === 'reading')) {
    const { ph = {}, ec = {}, ...rest } = body as BodyOf<'reading'>;
    expect(allowed).toEqual(expect.arrayContaining(Object.keys(rest)));
    expect(shown).toEqual(expect.arrayContaining([...Object.keys(ph), ...Object.keys(ec)]));
  }
});

test('the story moves with the day it is opened on', () => {
  const week = makeDemo({ nowMs: nowMs + 7 * DAY_MS, zone: 'UTC' });
  expect(week).toHaveLength(demo.length);
  const newest = (all: readonly Revision[]) => Math.max(...all.map(({ at }) => Date.parse(at)));
  expect(newest(week) - newest(demo)).toBe(7 * DAY_MS);
});
