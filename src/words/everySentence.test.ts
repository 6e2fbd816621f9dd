import { everyText, sentencesOf, wordsOf } from './testing/sentences';

const texts = everyText();
const where = ({ file, line }: { readonly file: string; readonly line: number }) =>
  `${file}:${line}`;

/** Longer sentences have to be read twice by whoever stands before a tank. */
const MOST_WORDS = 22;

/** Pictures for a drawing's parts, and words that only this app would use. Code may; texts may not. */
const FORBIDDEN = /\b(peg|pegs|notch|notches|recess|cloud|scatter|embers?|ionic|mixture model)\b/i;

/** One plural rule: "1 check", "2 checks". What is counted by a filled-in number goes through `counted`. */
const COUNTED =
  /… (checks|readings|doses|days|hours|minutes|cups|pens|tanks|tries|lots|stops|portions|pours|calibrations|entries)\b/;

test('the source has some two thousand texts, and this finds them', () => {
  expect(texts.length).toBeGreaterThan(1500);
  expect(texts.some(({ text }) => text.includes('Nothing to do.'))).toBe(true);
});

test(`no sentence has more than ${MOST_WORDS} words`, () => {
  const long = texts.flatMap((said) =>
    sentencesOf(said.text)
      .filter((sentence) => wordsOf(sentence) > MOST_WORDS)
      .map((sentence) => `${where(said)} ${sentence}`),
  );
  expect(long).toEqual([]);
});

test('no text calls a drawing’s parts by pictures', () => {
  const found = texts.filter(({ text }) => FORBIDDEN.test(text)).map((said) => where(said));
  expect(found).toEqual([]);
});

test('no text counts without its singular', () => {
  const found = texts
    .filter(({ text }) => COUNTED.test(text))
    .map((said) => `${where(said)} ${said.text}`);
  expect(found).toEqual([]);
});
