import type { TankAnswer } from '@/book/answers';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { TANK_HEADS, tankRows } from './tankRows';

const formats = makeFormats(DEFAULT_FORMATS);
const nowMs = new Date(2026, 10, 25, 10).getTime();
const judged = (value: number, verdict: string) => ({
  standing: 'checked',
  value,
  verdict,
  budget: { expandedU: 0.06 },
});
const leaving = { ph: { slopePerDay: 0.1, scatter: 0.02, edge: 'high', atMs: nowMs + 86_400_000 } };
const tank = (name: string, verdict?: string) =>
  ({
    id: name,
    body: { name },
    latest: verdict && { atMs: nowMs - 60_000, ph: { judged: judged(6.1, verdict) } },
    leaving,
  }) as unknown as TankAnswer;

test('one row a tank, as many cells as heads, sorted by numbers and not by their texts', () => {
  const [row] = tankRows([tank('Basil', 'in')], formats, nowMs);
  expect(row?.cells).toHaveLength(TANK_HEADS(formats).length);
  expect(row).toMatchObject({ href: '/tanks/Basil' });
  expect(row?.cells[1]).toEqual({ text: '6.10 ± 0.06', sort: 6.1 });
  expect(row?.cells[5]?.text).toBe('Rising; leaves its band tomorrow.');
});

test('a value that can’t be told goes nowhere; a tank never read says so', () => {
  const [doubted, never] = tankRows([tank('Mint', 'cantTell'), tank('New')], formats, nowMs);
  expect(doubted?.cells[2]?.text).toBe('can’t tell');
  expect(doubted?.cells[5]?.text).toBe('–');
  expect(never?.cells.slice(1).every(({ text }) => text === '–')).toBe(true);
});
