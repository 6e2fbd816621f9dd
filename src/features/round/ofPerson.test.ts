import type { RoundAnswer, RoundStop } from '@/book/answers';
import { roundHeadline, roundProgress } from '@/words/round/headline';
import { ofPerson } from './ofPerson';

const stop = (name: string, keptBy?: string): RoundStop =>
  ({
    kind: 'tank',
    key: name,
    tank: { id: name, body: { name, keptBy } },
    missedDays: 0,
    done: false,
  }) as unknown as RoundStop;
const pen = (code: string, keptBy?: string): RoundStop =>
  ({
    kind: 'pen',
    key: code,
    pen: { id: code, word: 'checkDue', body: { code, keptBy }, sides: [] },
    overdueDays: 0,
    done: false,
  }) as unknown as RoundStop;
const round: RoundAnswer = {
  stops: [pen('P1', 'LV'), stop('Basil', 'LV'), stop('Mint'), stop('Chard', 'AB')],
  ahead: [],
  stagesToday: [],
  stagesTomorrow: [],
  tankCount: 3,
  penCount: 1,
};
const names = ({ stops }: RoundAnswer) => stops.map(({ key }) => key);

test('one’s own stops and everybody’s, and the headline from these alone', () => {
  const mine = ofPerson(round, { initials: 'AB', all: false });
  expect(names(mine.round)).toEqual(['Mint', 'Chard']);
  expect(mine.others).toBe(2);
  expect(roundHeadline(mine.round)).toBe('Nothing looks wrong so far. 2 tanks to read.');
  expect(roundProgress(mine.round)).toBe('0 of 2 stops done');
});

test('all of them where they were asked for, or where nobody holds the device', () => {
  const all = ofPerson(round, { initials: 'AB', all: true });
  expect([names(all.round).length, all.others]).toEqual([4, 2]);
  expect(ofPerson(round, { initials: '', all: false })).toEqual({ round, others: 0 });
});
