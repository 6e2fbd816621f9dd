import { BookState } from '../../src/book/engine/bookState';
import { penDetailAnswer } from '../../src/book/engine/penAnswers';
import { roundAnswer } from '../../src/book/engine/roundAnswer';
import { readAnswer, tankAnswer, tankHistoryAnswer } from '../../src/book/engine/tankAnswers';
import { timersAnswer } from '../../src/book/engine/timersAnswer';
import { houseBook } from './houseBook';
import { median } from './measure';

const TANKS = 50;
const PENS = 12;
const SAVES = 7;

const took = (work: () => unknown): number => {
  const started = performance.now();
  work();
  return performance.now() - started;
};

/** What it costs to go on after one save, by the size of the book. */
function costs(readings: number) {
  const endMs = Math.floor(Date.now() / 60_000) * 60_000;
  const house = houseBook({ tanks: TANKS, pens: PENS, readingsEach: readings / TANKS, endMs });
  const book = new BookState();
  const opened = took(() => {
    book.setNow(endMs);
    book.apply(house.revisions);
  });
  const ask = {
    round: () => roundAnswer(book, { nowMs: endMs }),
    read: () => readAnswer(book, endMs),
    timers: () => timersAnswer(book, endMs),
    tank: () => tankAnswer(book, house.tankIds[3]!, endMs),
    history: () => tankHistoryAnswer(book, house.tankIds[3]!),
    pen: () => penDetailAnswer(book, house.penIds[3]!, endMs),
  };
  const names = Object.keys(ask) as (keyof typeof ask)[];
  const first = Object.fromEntries(names.map((name) => [name, took(ask[name])]));
  const after = (save: (at: number) => void) => {
    const times = names.map((): number[] => []);
    for (let at = 0; at < SAVES; at += 1) {
      save(at);
      names.forEach((name, which) => times[which]!.push(took(ask[name])));
    }
    return Object.fromEntries(names.map((name, which) => [name, median(times[which]!)]));
  };
  const reading = after((at) => book.apply([house.reading(3, at, endMs - 50_000 + at)]));
  const check = after((at) => book.apply([house.check(3, at, endMs - 40_000 + at)]));
  return { opened, first, reading, check };
}

/** Prints what one saved reading, and one saved check, cost the worker, as the book grows. */
export function benchSaving(): void {
  const told = (times: Readonly<Record<string, number>>) =>
    Object.entries(times)
      .map(([name, ms]) => `${name} ${ms.toFixed(1)}`)
      .join(', ');
  for (const readings of [TANKS, 12_500, 50_000, 200_000]) {
    const { opened, first, reading, check } = costs(readings);
    console.log(`\n${readings} readings, ms: taken in ${opened.toFixed(0)}`);
    console.log(`  first time: ${told(first)}`);
    console.log(`  after a reading: ${told(reading)}`);
    console.log(`  after a check: ${told(check)}`);
  }
}
