import {
  factsAt,
  headOf,
  headsOf,
  idSource,
  idTimeMs,
  parseRevision,
  writeRevision,
  type BodyOf,
} from './index';

const makeId = idSource();
const DAY_MS = 86_400_000;
const writer = (day: number) => ({
  makeId,
  nowMs: day * DAY_MS,
  zone: 'UTC',
  by: 'AB',
  device: 'phone',
});
const tank = (name: string, low: number): BodyOf<'tank'> => ({
  name,
  volumeL: 100,
  crop: '',
  stage: '',
  phBand: { low, high: 6.5 },
  ecBand: { low: 1, high: 2 },
  alphaPerC: 0.019,
  place: 1,
  note: '',
});

test('ids sort by time, also within one millisecond, and tell their time', () => {
  const ids = [5, 5, 5, 6].map((ms) => makeId(1_700_000_000_000 + ms) as string);
  expect([...ids].sort()).toEqual(ids);
  expect(idTimeMs(ids[0]!)).toBe(1_700_000_000_005);
});

test('a change replaces its parent; two changes of one parent are a conflict', () => {
  const first = writeRevision({ kind: 'tank', body: tank('Basil', 5.5) }, writer(1));
  const change = (name: string, day: number) =>
    writeRevision(
      { kind: 'tank', recordId: first.recordId, parents: [first.revId], body: tank(name, 5.5) },
      writer(day),
    );
  const left = change('Basil tables', 2);
  expect(headsOf([left, first])).toEqual([left]);
  const right = change('Basil bench', 3);
  expect(headsOf([right, left, first])).toEqual([left, right]);
  expect(headOf([right, left, first])?.body?.name).toBe('Basil bench');
});

test('"from now on" leaves the past as it was; "it was always so" does not', () => {
  const first = writeRevision({ kind: 'tank', body: tank('Basil', 5.5) }, writer(1));
  const base = { kind: 'tank' as const, recordId: first.recordId };
  const stage = writeRevision(
    { ...base, parents: [first.revId], effectiveFromMs: 10 * DAY_MS, body: tank('Basil', 5.8) },
    writer(10),
  );
  expect(factsAt([first, stage], 9 * DAY_MS)?.phBand?.low).toBe(5.5);
  expect(factsAt([first, stage], 11 * DAY_MS)?.phBand?.low).toBe(5.8);
  const always = writeRevision(
    { ...base, parents: [stage.revId], body: tank('Basil', 5.6) },
    writer(12),
  );
  expect(factsAt([first, stage, always], 9 * DAY_MS)?.phBand?.low).toBe(5.6);
});

test('unknown data is refused with the place of the first mistake', () => {
  const good = writeRevision({ kind: 'tank', body: tank('Basil', 5.5) }, writer(1));
  expect(parseRevision(good)).toMatchObject({ ok: true });
  const reversed = { ...good, body: tank('Basil', 7) };
  expect(parseRevision(reversed)).toMatchObject({ ok: false, refusal: { path: 'phBand.high' } });
  expect(parseRevision({ ...good, v: 99 })).toMatchObject({ ok: false, refusal: { path: 'v' } });
  expect(parseRevision({ ...good, revId: `${'I'.repeat(26)}` })).toMatchObject({
    refusal: { path: 'revId' },
  });
  expect(parseRevision('nonsense').ok).toBe(false);
  expect(parseRevision({ ...good, kind: 'unheardOf' })).toMatchObject({
    refusal: { path: 'kind' },
  });
});

test('a reading without any value, or with a value that is no number, is refused', () => {
  const writerNow = writer(1);
  const body = {
    tankId: 't',
    sampleKind: 'tank' as const,
    takenAt: '2026-03-01T07:00:00.000Z',
    note: '',
  };
  const empty = writeRevision({ kind: 'reading', body }, writerNow);
  expect(parseRevision(empty)).toMatchObject({ ok: false, refusal: { path: 'ph' } });
  const nan = { ...empty, body: { ...body, ph: { shown: NaN, penId: 'p' } } };
  expect(parseRevision(nan).ok).toBe(false);
});
