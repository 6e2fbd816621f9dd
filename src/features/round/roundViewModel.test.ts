import type { PenAnswer, RoundAnswer, RoundStop, TankAnswer } from '@/book/answers';
import type { Verdict } from '@/core/verdict';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import { doneName, doneResult, penLine } from '@/words/round/stopLines';
import { nextStop, stopHref } from './roundViewModel';
import { tankLine } from '@/words/parts/tankLine';

const now = new Date(2026, 4, 20, 10, 0).getTime();
const formats = makeFormats(DEFAULT_FORMATS);
const judged = (value: number, verdict: Verdict) => ({
  standing: 'checked',
  value,
  verdict,
  budget: { expandedU: 0.08 },
});
const tank = (name: string, verdict: Verdict): TankAnswer =>
  ({
    id: name,
    number: 1,
    body: { name },
    latest: {
      atMs: now - 86_400_000,
      ph: { judged: judged(5.35, verdict) },
      ec: { judged: judged(1.47, 'in') },
    },
  }) as unknown as TankAnswer;
const pen = (code: string, word: string): PenAnswer =>
  ({
    id: code,
    body: { code },
    word,
    openBench: [],
    sides: [{ lastCheckMs: now - 19 * 86_400_000, due: { reason: 'noDate' } }],
  }) as unknown as PenAnswer;
const round = (...stops: RoundStop[]): RoundAnswer => ({
  stops,
  ahead: [],
  stagesToday: [],
  stagesTomorrow: [],
  tankCount: 1,
  penCount: 1,
});
const tankStop = (name: string, verdict: Verdict, done = false): RoundStop => ({
  kind: 'tank',
  key: `tank/${name}`,
  tank: tank(name, verdict),
  missedDays: 0,
  done,
});
const penStop = (code: string, word: string, done = false) => ({
  kind: 'pen' as const,
  key: `pen/${code}`,
  pen: pen(code, word),
  overdueDays: 0,
  done,
});

test('the main button leads to the first stop that is open', () => {
  const next = nextStop(round(penStop('P1', 'ready', true), tankStop('Basil', 'in')), now);
  expect(next?.label).toBe('Next: read Basil');
  expect(next && stopHref(next.stop)).toBe('/read?tank=Basil');
  expect(nextStop(round(penStop('P1', 'ready', true)), now)).toBeUndefined();
});

test('lines under the names', () => {
  const plain = (text: string) => text.replaceAll('\u00a0', ' ');
  expect(plain(penLine(penStop('P4', 'cantBeTrusted'), now))).toBe(
    'Can’t be trusted; last check 19 d ago',
  );
  expect(plain(tankLine(tank('Basil', 'low'), formats, now))).toBe(
    'pH 5.35 ± 0.08 · 1.47 ± 0.08 mS/cm yesterday',
  );
  expect(tankLine({ ...tank('Basil', 'low'), latest: undefined }, formats, now)).toBe(
    'not read yet',
  );
});

test('where a pen gives no number what it showed stands, said to be that and without a ±', () => {
  const untold = { ...judged(5.35, 'in'), standing: 'unknowable' };
  const latest = { atMs: now, ph: { judged: untold }, ec: { judged: judged(1.47, 'in') } };
  const stop = tankStop('Basil', 'in', true) as Extract<RoundStop, { kind: 'tank' }>;
  const shown = { ...stop, tank: { ...stop.tank, latest } } as unknown as RoundStop;
  const told = doneResult(shown, formats).replaceAll('\u00a0', ' ');
  expect(told).toBe('pH shown 5.35 · 1.47 ± 0.08 mS/cm');
});

test('a done stop shrinks to its result', () => {
  const checked = {
    kind: 'pen',
    done: true,
    pen: {
      body: { code: 'P1' },
      sides: [{ error: { atPh: 6, error: 0.021 } }, { error: { error: -0.011 } }],
    },
  } as unknown as RoundStop;
  expect(doneName(checked)).toBe('P1 checked');
  expect(doneResult(checked, formats)).toBe('+0.02 pH · −1.1 %');
  const read = doneResult(tankStop('Basil', 'low', true), formats).replaceAll('\u00a0', ' ');
  expect(read).toBe('pH 5.35 ± 0.08 · 1.47 ± 0.08 mS/cm');
});
