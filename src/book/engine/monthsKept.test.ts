import { saveTank } from '@/acts';
import { BookState } from './bookState';
import { checkedPen, diary, tank } from './testing/diary';
import { tankColumns } from './tankColumns';

/** Three years of a pen that drifts slowly, checked and adjusted each fourth week, read every third day. */
function threeYears() {
  const { book, did } = diary();
  const tankId = did(0, saveTank(undefined, tank()));
  const { penId, session, reading } = checkedPen(did);
  for (let day = 1; day < 1096; day += 1) {
    if (day % 28 === 0) session(day, 7.03, 4.04, true);
    if (day % 3 === 0) reading(day, tankId, 6 + (day % 7) / 20);
  }
  return { book, tankId, penId, session, reading };
}

const DIGIT_PH = 0.01;

test('a check today moves no reading by more than a tenth of a digit from what all of it tells at once', () => {
  const { book, tankId, session } = threeYears();
  tankColumns(book, tankId);
  session(1096, 7.05, 4.03, true);
  const grown = tankColumns(book, tankId);
  const atOnce = new BookState({ exact: true });
  atOnce.apply(book.revisions());
  const exact = tankColumns(atOnce, tankId);
  expect(grown.atMs).toEqual(exact.atMs);
  exact.ph.forEach((ph, at) => {
    expect(Math.abs(grown.ph[at]! - ph)).toBeLessThanOrEqual(1.5 * 0.1 * DIGIT_PH);
    expect(Math.abs(grown.phStdU[at]! - exact.phStdU[at]!)).toBeLessThanOrEqual(0.2 * DIGIT_PH);
  });
});

test('and leaves the years before alone: only months in which something moved are worked out anew', () => {
  const { book, tankId, session } = threeYears();
  const asked: string[] = [];
  const remember = book.remember.bind(book);
  jest.spyOn(book, 'remember').mockImplementation((name, compute, how) =>
    remember(
      name,
      () => {
        if (/^columns\/tank\/.*\/\d{4}-\d\d$/.test(name)) asked.push(name.slice(-7));
        return compute();
      },
      how,
    ),
  );
  tankColumns(book, tankId);
  expect(asked.length).toBe(36);
  asked.length = 0;
  session(1096, 7.05, 4.03, true);
  tankColumns(book, tankId);
  expect(asked.length).toBeGreaterThan(0);
  expect(asked.length).toBeLessThan(12);
  expect(asked).toContain('1972-12');
  expect(asked).not.toContain('1970-06');
});

test('a reading put right or taken back is worked out in its month alone', () => {
  const { book, tankId, reading } = threeYears();
  const before = tankColumns(book, tankId);
  reading(1090.5, tankId, 6.3);
  const after = tankColumns(book, tankId);
  expect(after.atMs).toHaveLength(before.atMs.length + 1);
  expect(after.ph.slice(0, 300)).toEqual(before.ph.slice(0, 300));
});
