import { DISPUTES } from '@/words';
import { HELP_CARDS } from './helpCards';

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
