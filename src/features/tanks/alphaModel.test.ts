import type { PenAnswer, ReadingRow } from '@/book/answers';
import { fitAlpha } from '@/core/conductivity';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { alphaRefusalWords } from '@/words/tanks/alpha';
import { alphaPairs, ownPairs } from './alphaModel';

const formats = makeFormats(DEFAULT_FORMATS);
const row = (temp: string, ec: string) => ({ temp, ec });

test('typed pairs give the coefficient they were made with; half-typed rows count for nothing', () => {
  // κ = 1.6·(1 + 0.02·(T − 25)): 1.28 at 15 °C, 1.44 at 20 °C, 1.6 at 25 °C.
  const rows = [row('15', '1,28'), row('20', '1.44'), row('25', '1.6'), row('30', ''), row('', '')];
  const fit = fitAlpha(alphaPairs(rows, formats));
  expect(fit).toMatchObject({ ok: true, value: { alphaPerC: expect.closeTo(0.02, 9) } });
  const fahrenheit = fitAlpha(
    alphaPairs(
      [row('59', '1.28'), row('77', '1.6')],
      makeFormats({ ...DEFAULT_FORMATS, tempUnit: '°F' }),
    ),
  );
  expect(fahrenheit).toMatchObject({ ok: true, value: { alphaPerC: expect.closeTo(0.02, 9) } });
});

test('a compensated pen is found out', () => {
  const fit = fitAlpha(alphaPairs([row('15', '1.6'), row('25', '1.6')], formats));
  if (fit.ok) throw new Error('nothing to fit');
  expect(alphaRefusalWords(fit.refusal, formats)).toContain('compensate after all');
});

test('own readings count only by pens without compensation, and only those of one feed', () => {
  const pen = (code: string, compensation: object | null) =>
    ({ body: { code, ec: { compensation } } }) as unknown as PenAnswer;
  const pens = [pen('P1', null), pen('P2', { alphaPerC: 0.02 })];
  const reading = (day: number, penCode: string, shown: number, tempC?: number) =>
    ({ atMs: day * 86_400_000, tempC, ec: { shown, scale: 'µS/cm', penCode } }) as ReadingRow;
  const readings = [
    reading(10, 'P1', 1600, 25),
    reading(9.9, 'P2', 1600, 15),
    reading(9.5, 'P1', 1280, 15),
    reading(9.4, 'P1', 1280),
    reading(3, 'P1', 900, 10),
  ];
  expect(ownPairs(readings, pens)).toEqual([
    { tempC: 25, ecMsPerCm: 1.6 },
    { tempC: 15, ecMsPerCm: 1.28 },
  ]);
  expect(ownPairs(readings.slice(0, 1), pens)).toEqual([]);
});
