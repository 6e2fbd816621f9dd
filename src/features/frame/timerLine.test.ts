import { timerWords } from '@/words/frame/timerWords';
import { inLine, timerHref } from './timerLine';

const nowMs = new Date(2026, 4, 20, 10, 30).getTime();
const minute = 60_000;
const dose = {
  kind: 'mixing',
  id: 'a',
  startMs: nowMs,
  endMs: nowMs + 4 * minute,
  name: 'Basil',
  refId: 't1',
} as const;
const soak = {
  kind: 'soak',
  id: 'b',
  startMs: nowMs,
  endMs: nowMs + 22 * 60 * minute,
  name: 'P2',
  refId: 'p2',
} as const;

test('a dose counts down in minutes and seconds, then asks for its re-read', () => {
  expect(timerWords(dose, nowMs)).toBe('Basil mixing, 4:00');
  expect(timerWords(dose, nowMs + 4 * minute)).toBe('Basil: mixed, re-read it');
  expect(timerHref(dose)).toBe('/read?tank=t1');
});

test('a soak says until when, across midnight, then asks for the check', () => {
  expect(timerWords(soak, nowMs)).toBe('P2 soaking until tomorrow 08:30');
  expect(timerWords(soak, soak.endMs)).toBe('P2: soak is over, check it');
  expect(timerHref(soak)).toBe('/pens/p2');
});

test('a stop-gap in the cap says until when, then what it needs, and leads to the care cards', () => {
  const stopGap = { ...soak, kind: 'stopGap' } as const;
  expect(timerWords(stopGap, nowMs)).toBe('P2: storage solution into its cap by tomorrow 08:30');
  expect(timerWords(stopGap, stopGap.endMs)).toBe('P2: its cap needs storage solution');
  expect(timerHref(stopGap)).toBe('/pens/p2/care');
});

test('a pen that got wet inside dries for a day, then is checked', () => {
  const cleaner = { ...soak, kind: 'cleaner', endMs: nowMs + 90_000 } as const;
  expect(timerWords(cleaner, nowMs)).toBe('P2 in cleaner, 1:30');
  expect(timerWords(cleaner, nowMs + 91_000)).toContain('rinse and brush');
  const drying = { ...soak, kind: 'drying' } as const;
  expect(timerWords(drying, nowMs)).toBe('P2 drying until tomorrow 08:30');
  expect(timerWords(drying, drying.endMs)).toBe('P2: dry by now, check it');
  expect(timerHref(drying)).toBe('/pens/p2');
});

test('those that run stand before those that ended, the soonest first', () => {
  const ended = { ...soak, id: 'c', endMs: nowMs - minute } as const;
  const line = inLine([ended, dose, soak], nowMs);
  expect(line.map(({ id }) => id)).toEqual(['a', 'b', 'c']);
});

test('a sample that stands, a display that is watched', () => {
  const standing = { ...dose, kind: 'standing', name: 'Rosemary pots' } as const;
  expect(timerWords(standing, nowMs)).toBe('Rosemary pots: sample stands until 10:34');
  expect(timerWords(standing, standing.endMs)).toBe('Rosemary pots: stir the sample and read it');
  const still = { ...dose, kind: 'still', name: 'P1', refId: 'p1' } as const;
  expect(timerWords(still, still.endMs - 12_000)).toBe('P1 in the cup, 0:12');
  expect(timerHref(still)).toBe('/pens/p1/bench');
});
