import type { BenchDraft, Lot } from '@/records/kinds';
import {
  capTip,
  giveUpSitting,
  keepSitting,
  portionsMoved,
  portionsTaken,
  saveCheck,
  sessionOf,
} from '.';

const AT = '2026-05-20T08:00:00.000Z';
const plan = {
  cups: [
    { id: 'c7', lotId: 'seven' },
    { id: 'c4', lotId: 'four' },
  ],
} as unknown as BenchDraft['plan'];
const draft: BenchDraft = {
  penId: 'p',
  quantity: 'ph',
  startedAt: AT,
  events: [],
  afterCleaning: false,
  typed: '',
};
const lot = (id: string, body: Partial<Lot>) => ({
  id,
  revId: `${id}-1`,
  body: { kind: 'buffer', form: 'bottle', lotCode: '', left: 100, note: '', ...body } as Lot,
});

describe('what comes off the lots of a check', () => {
  const left = (events: object[], ...lots: ReturnType<typeof lot>[]) =>
    portionsTaken({ plan: plan!, events: events as never, startedAt: AT }, lots).map(
      (change) => (change.body as Lot).left,
    );
  const fresh = { type: 'repeat', phase: 'asLeft', cupId: 'c7', after: 'freshPortion' };

  test('20 mL or one sachet for each cup, never below nothing', () => {
    expect(left([], lot('seven', {}), lot('four', { form: 'sachet', left: 3 }))).toEqual([80, 2]);
    expect(left([], lot('seven', { left: 5 }))).toEqual([0]);
  });
  test('a fresh portion takes another one, of that cup alone; a repeat without it none', () => {
    const bottles = [lot('seven', {}), lot('four', {})];
    expect(left([fresh, { ...fresh, after: undefined }], ...bottles)).toEqual([60, 80]);
  });
  test('a bottle is open from its first pour on, whoever knows how much is in it', () => {
    const opened = (body: Partial<Lot>) =>
      portionsTaken({ plan: plan!, events: [], startedAt: AT }, [lot('seven', body)]).map(
        (change) => change.body as Lot,
      );
    expect(opened({ left: undefined })[0]).toMatchObject({ openedAt: AT, left: undefined });
    expect(opened({})[0]).toMatchObject({ openedAt: AT, left: 80 });
    const may = '2026-05-01T00:00:00.000Z';
    expect(opened({ openedAt: may })[0]).toMatchObject({ openedAt: may });
    expect(opened({ form: 'sachet', left: 3 })[0]?.openedAt).toBeUndefined();
  });
  test('one bottle for both sides: its portion comes back once, with the pH side', () => {
    const both = [lot('seven', { alsoMsPerCm: 4.11 })];
    const of = (quantity: 'ph' | 'ec') => ({
      plan: { ...plan!, quantity } as NonNullable<typeof plan>,
      events: [],
      startedAt: AT,
    });
    const back = (quantity: 'ph' | 'ec') =>
      portionsMoved(of(quantity), undefined, both).map(({ body }) => (body as Lot).left);
    expect([back('ph'), back('ec')]).toEqual([[120], []]);
  });
  test('a portion that was used before takes nothing, and opens nothing', () => {
    const reused = { cups: [{ id: 'c7', lotId: 'seven', reused: true }] } as unknown as typeof plan;
    const events = [fresh] as never;
    const taken = (of: object[]) =>
      portionsTaken({ plan: reused!, events: of as never, startedAt: AT }, [lot('seven', {})]);
    expect(taken([])).toEqual([]);
    expect(taken(events as never)).toHaveLength(1);
  });
  test('nothing comes off a lot of unknown amount, or one that was not poured', () => {
    const unknown = lot('seven', { left: undefined, openedAt: AT });
    expect(left([], unknown, lot('other', {}))).toEqual([]);
  });
});

describe('a sitting', () => {
  const finished = { outcome: 'inTolerance' as const, finishedAt: AT, pastDateLots: [] };

  test('is one record from its first step to its end', () => {
    expect(keepSitting(undefined, draft).changes).toMatchObject([{ kind: 'benchDraft' }]);
    const session = sessionOf({ ...draft, plan }, finished)!;
    const { changes } = saveCheck(session, { code: 'P1', draftId: 'd', more: [] });
    expect(changes).toMatchObject([
      { kind: 'benchDraft', recordId: 'd', body: null },
      { kind: 'session', body: { penId: 'p', outcome: 'inTolerance', finishedAt: AT } },
    ]);
  });
  test('unplanned it is no check; given up before it was kept it leaves nothing', () => {
    expect(sessionOf(draft, finished)).toBeUndefined();
    expect(giveUpSitting(undefined).changes).toEqual([]);
  });
});

describe('what the tip is capped with', () => {
  const capped = { penId: 'p', at: AT, endsStopGap: false, liquid: 'tap water' };
  const bodies = (...asked: Parameters<typeof capTip>) => capTip(...asked).map((c) => c.body);

  test('a stop-gap is booked with what it is', () => {
    expect(bodies(false, capped)).toMatchObject([
      { what: 'stopGap', note: 'tap water', side: 'ph' },
    ]);
  });
  test('storage solution is booked only where it ends a stop-gap', () => {
    expect(bodies(true, capped)).toEqual([]);
    expect(bodies(true, { ...capped, endsStopGap: true })).toMatchObject([{ what: 'capTopUp' }]);
  });
});
