import { filterLine, queryOf } from './bookQuery';

test('an address is asked as it says; what nobody knows in it is left out', () => {
  expect(queryOf({ kind: 'session', lot: 'L', words: '  A-39 ' })).toEqual({
    kind: 'session',
    lotId: 'L',
    words: 'A-39',
  });
  expect(queryOf({ kind: 'dragon', verdict: 'fine', from: 'soon', words: ' ' })).toEqual({});
  expect(queryOf({ words: 'x'.repeat(900) }).words).toHaveLength(200);
});

test('from and to are whole local days, summer time included', () => {
  const { fromMs, toMs } = queryOf({ from: '2026-10-25', to: '2026-10-25' });
  expect(new Date(fromMs!).getHours()).toBe(0);
  expect(new Date(toMs! + 1).getDate()).toBe(26);
  expect(new Date(toMs! + 1).getHours()).toBe(0);
});

test('what is shown is told in one line', () => {
  const names = {
    tanks: [{ id: 'T', name: 'Basil tables' }],
    pens: [{ id: 'P', name: 'P4 Trim screw', sides: ['ph' as const] }],
    lots: [{ id: 'L', name: 'A-3902' }],
    people: ['LV'],
  };
  const query = queryOf({
    kind: 'session',
    pen: 'P',
    lot: 'L',
    by: 'LV',
    verdict: 'leftOut',
    words: 'rain',
    from: '2026-05-01',
    to: '2026-05-20',
  });
  expect(filterLine(query, names)).toBe(
    'Checks · P4 Trim screw · lot A-3902 · by LV · checks left out of tolerance · “rain” · from 1 May 2026 · to 20 May 2026',
  );
  expect(filterLine({ tankId: 'gone' }, names)).toBe('taken out of use');
});
