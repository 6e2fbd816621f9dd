import { leaveStanding, saveTank, takeReading } from '@/acts';
import { tankSchema, type Tank } from '@/records/kinds';
import { doseAnswer } from './doseAnswer';
import { ecDoseAnswer } from './ecDoseAnswer';
import { roundAnswer } from './roundAnswer';
import { readAnswer, tankAnswer } from './tankAnswers';
import { checkedPen, DAY_MS, diary, instant, tank } from './testing/diary';
import { timersAnswer } from './timersAnswer';

const pots: Tank = {
  name: 'Rosemary pots',
  crop: '',
  stage: '',
  alphaPerC: 0.019,
  place: 2,
  note: '',
  readOf: 'substrateSlurry',
  sampleBands: { substrateSlurry: { ph: { low: 5.8, high: 6.4 } } },
};

function house() {
  const { book, did, write } = diary();
  const { penId, session } = checkedPen(did);
  session(0, 7, 4.01, false);
  const id = did(0, saveTank(undefined, pots));
  const read = (day: number, shown: number, sampleKind: 'tank' | 'substrateSlurry') =>
    did(
      day,
      takeReading({
        tankId: id,
        sampleKind,
        takenAt: instant(day),
        note: '',
        ph: { shown, penId },
      }),
    );
  const stopsOf = (day: number) =>
    roundAnswer(book, { nowMs: day * DAY_MS }).stops.flatMap((stop) =>
      'tank' in stop && stop.tank.id === id ? [stop] : [],
    );
  return { book, did, write, id, read, stopsOf };
}

test('a tank needs its volume and bands; a place without one needs neither', () => {
  const { volumeL: _, ...bare } = tank();
  expect(tankSchema.safeParse(bare).success).toBe(false);
  expect(tankSchema.safeParse(tank()).success).toBe(true);
  expect(tankSchema.safeParse(pots).success).toBe(true);
});

test('it is judged by the band of its own method, and only that is its newest reading', () => {
  const { book, id, read } = house();
  read(1, 6, 'substrateSlurry');
  read(1.1, 7.4, 'tank');
  const { latest } = tankAnswer(book, id, 2 * DAY_MS)!;
  expect(latest).toMatchObject({ sample: 'substrateSlurry' });
  expect(latest?.ph?.judged.verdict).toBe('in');
});

test('it stands on the Round by its own method; out of band it stays a stop; it is never dosed', () => {
  const { book, id, read, stopsOf } = house();
  expect(stopsOf(1)).toMatchObject([{ kind: 'tank', done: false }]);
  read(1.2, 7.2, 'substrateSlurry');
  expect(stopsOf(1.4)).toMatchObject([{ kind: 'correct', off: [{ side: 'high' }] }]);
  read(1.6, 6.1, 'substrateSlurry');
  expect(stopsOf(1.8)).toMatchObject([{ kind: 'tank', done: true }]);
  expect(doseAnswer(book, id, 2 * DAY_MS)).toBeNull();
  expect(ecDoseAnswer(book, id, 2 * DAY_MS)).toBeNull();
});

test('a slurry left to stand is on the line until the place is read', () => {
  const { book, write, id, read } = house();
  const act = leaveStanding({ tankId: id, sample: 'substrateSlurry' }, 30, DAY_MS);
  act.changes.forEach((change) => write(1, change));
  const half = 30 * 60_000;
  const at = (ms: number) => timersAnswer(book, DAY_MS + ms);
  expect(at(60_000)).toMatchObject([{ kind: 'standing', name: 'Rosemary pots', refId: id }]);
  expect(readAnswer(book, DAY_MS + 60_000).standing).toEqual({ [id]: DAY_MS + half });
  expect(at(2 * half)).toHaveLength(1);
  read(1.05, 6.1, 'substrateSlurry');
  expect(at(2 * 3_600_000)).toEqual([]);
});
