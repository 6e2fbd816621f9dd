import { describeTank, orderTanks, retireTank, saveTank } from '@/acts';
import { describedAnew } from '@/records/crops';
import type { PlanStage, Tank } from '@/records/kinds';
import { readingRow } from './readingRow';
import { roundAnswer } from './roundAnswer';
import { tankAnswer } from './tankAnswers';
import { checkedPen, DAY_MS, diary, tank } from './testing/diary';

const stage = (day: string, name: string, low: number, high: number): PlanStage => ({
  day,
  crop: 'tomato',
  stage: name,
  phBand: { low, high },
  ecBand: { low: 1, high: 2 },
});
/** The diary begins on 1 January 1970: day 10 is the 11th. */
const PLAN = [stage('1970-01-21', 'fruit', 5, 5.4), stage('1970-01-11', 'leaf growth', 6.6, 7)];

/** A house with one pen, checked, and a tank described on day 0; acts are written on a day. */
function house(more: Partial<Tank> = {}) {
  const { book, did, write } = diary();
  const { session, reading } = checkedPen(did);
  session(0, 7, 4.01, false);
  const tankId = did(0, saveTank(undefined, { ...tank(), ...more }));
  const known = (day: number) => tankAnswer(book, tankId, day * DAY_MS)!;
  const act = (day: number, { changes }: ReturnType<typeof retireTank>) =>
    changes.forEach((change) => write(day, change));
  const verdictOf = (readingId: string) =>
    readingRow(book, book.record('reading', readingId)!)!.ph!.judged.verdict;
  return { book, did, write, reading, tankId, known, act, verdictOf };
}

test('a plan changes crop and bands on its days, whatever the order it was typed in', () => {
  const { known } = house({ plan: PLAN });
  const at = (day: number) => {
    const { body, written, stageDay } = known(day);
    return [body.stage, body.phBand!.low, written.phBand!.low, stageDay];
  };
  expect(at(9.99)).toEqual(['', 5.5, 5.5, undefined]);
  expect(at(10)).toEqual(['leaf growth', 6.6, 5.5, '1970-01-11']);
  expect(at(19.99)).toEqual(['leaf growth', 6.6, 5.5, '1970-01-11']);
  expect(at(20)).toEqual(['fruit', 5, 5.5, '1970-01-21']);
});

test('a reading is judged by the stage of its own day', () => {
  const { reading, tankId, verdictOf } = house({ plan: PLAN });
  const [before, leaf, fruit] = [9.5, 10.5, 20.5].map((day) => reading(day, tankId, 6));
  expect([before, leaf, fruit].map((id) => verdictOf(id!))).toEqual(['in', 'low', 'high']);
});

test('it is announced the day before, and told on the day', () => {
  const { book, tankId } = house({ plan: PLAN });
  const morning = (day: number) => roundAnswer(book, { nowMs: (day + 0.3) * DAY_MS });
  const told = (day: number) => {
    const { stagesToday, stagesTomorrow } = morning(day);
    return [stagesToday, stagesTomorrow].map((news) => news.map((one) => one.stage.stage));
  };
  expect([8, 9, 10, 11].map(told)).toEqual([
    [[], []],
    [[], ['leaf growth']],
    [['leaf growth'], []],
    [[], []],
  ]);
  expect(morning(9).ahead).toContainEqual(
    expect.objectContaining({ dayMs: 10 * DAY_MS, stages: [expect.objectContaining({ tankId })] }),
  );
});

test('bands said anew while a stage runs change that stage; the next begins on its day', () => {
  const { known, act } = house({ plan: PLAN });
  const now = known(12);
  const phBand = { low: 6, high: 6.4 };
  const told = describedAnew(now.written, { ...now.body, phBand }, now.stageDay);
  act(12, saveTank(now, told, 12 * DAY_MS));
  expect(known(11).written.phBand).toEqual({ low: 5.5, high: 6.5 });
  expect([13, 20].map((day) => known(day).body.phBand!.low)).toEqual([6, 5]);
});

test('a walk in another order, out of use, a plan: none of them judges the past anew', () => {
  const { reading, tankId, known, act, verdictOf } = house();
  const old = reading(1, tankId, 6);
  const later = known(5);
  act(5, saveTank(later, { ...later.written, phBand: { low: 6.6, high: 7 } }, 5 * DAY_MS));
  const after = reading(6, tankId, 6);
  const before = [old, after].map(verdictOf);
  expect(before).toEqual(['in', 'low']);
  act(7, orderTanks([known(7)], ['another', tankId]));
  act(8, retireTank(known(8)));
  act(9, describeTank(known(9), { sampleBands: { drain: { ph: { low: 5, high: 6 } } } }));
  act(9, describeTank(known(9), { plan: [stage('1970-03-01', 'fruit', 5, 5.4)] }));
  expect(known(9).written).toMatchObject({ place: 2, retired: true });
  expect([old, after].map(verdictOf)).toEqual(before);
});
