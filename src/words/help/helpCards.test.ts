import { DISPUTES } from '@/words';
import { HELP_CARDS } from './helpCards';
import { HELP_PAGES, HELP_PAGE_NAMES, holdsWords } from './helpPlaces';

test('every card asks a question, answers in sentences, and is named once', () => {
  for (const { question, answer } of HELP_CARDS) {
    expect(question).toMatch(/\?$/);
    expect(answer).toMatch(/[.”]$/);
    // Read at arm's length: a card is a few sentences.
    expect(answer.length).toBeLessThan(600);
  }
  expect(new Set(HELP_CARDS.map(({ id }) => id)).size).toBe(HELP_CARDS.length);
});

test('every disagreement names at least two schools, a reason, and the other side', () => {
  for (const { schools, why, others } of Object.values(DISPUTES)) {
    expect(schools.length).toBeGreaterThan(1);
    expect(why).toMatch(/\.$/);
    expect(others).toMatch(/\.$/);
    expect(others).not.toBe(why);
  }
});

test('every place has a page that says what to do there, and answers of its own', () => {
  for (const page of HELP_PAGE_NAMES.filter((name) => name !== 'all' && name !== 'drawings')) {
    expect(HELP_PAGES[page].about.length).toBeGreaterThan(1);
    expect(HELP_CARDS.some(({ pages }) => pages.includes(page))).toBe(true);
  }
});

test('a search finds what has all its words, in any order and any case', () => {
  expect(holdsWords('Why does hard water climb back?', 'WATER hard')).toBe(true);
  expect(holdsWords('Why does hard water climb back?', 'soft water')).toBe(false);
  expect(holdsWords('Anything', '  ')).toBe(true);
});
