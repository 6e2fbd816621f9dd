import type { BookApi } from './bookApi';
import { CALL_SCHEMAS } from './callSchemas';
import { guardedBook } from './guardedBook';

const MOMENT = { nowMs: Date.UTC(2026, 4, 1), zone: 'Europe/Lisbon' };
const ID = '01ARZ3NDEKTSV4RRFFQ69G5FAV';

function watched() {
  const asked: [string, readonly unknown[]][] = [];
  const names = Object.keys(CALL_SCHEMAS);
  const api = Object.fromEntries(
    names.map((name) => [
      name,
      (...given: unknown[]) => {
        asked.push([name, given]);
        return Promise.resolve(name);
      },
    ]),
  );
  return { asked, book: guardedBook(api as unknown as BookApi) };
}

it('hands on what is as agreed, untouched', async () => {
  const { asked, book } = watched();
  const change = { kind: 'person', body: { name: 'Ada', initials: 'AD' } } as never;
  await book.append([change], MOMENT, ID);
  await book.tankHistory('any');
  await book.lookBack('any', 'ph', 5);
  expect(asked).toEqual([
    ['append', [[change], MOMENT, ID]],
    ['tankHistory', ['any']],
    ['lookBack', ['any', 'ph', 5]],
  ]);
});

it.each([
  ['a moment that is no number', (book: BookApi) => book.round(NaN), /^round 0:/],
  ['an act without an id', (book: BookApi) => book.append([], MOMENT, 'act'), /^append 2:/],
  ['a kind that is not in the book', (book: BookApi) => book.rows('tankk' as never), /^rows 0:/],
  [
    'a pH of a wish that is a text',
    (book: BookApi) =>
      book.dosePlan(
        'any',
        { productId: 'x', aimPh: '5,8' as never, chasingAccepted: false, neverChanged: false },
        0,
      ),
    /^dosePlan 1\.aimPh:/,
  ],
  [
    'a file that is none',
    (book: BookApi) => book.openFile('{}' as never, () => undefined),
    /^openFile 0:/,
  ],
  [
    'a setting of no kind',
    (book: BookApi) => book.setDevice({ theme: 'dusk' as never }, MOMENT),
    /theme/,
  ],
  [
    'too much',
    (book: BookApi) => (book.settings as (extra: number) => Promise<unknown>)(1),
    /^settings/,
  ],
])('refuses %s before anything is done', async (_, call, told) => {
  const { asked, book } = watched();
  await expect(call(book)).rejects.toThrow(told);
  expect(asked).toEqual([]);
});
