import { fitAlpha } from '@/core/conductivity';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { alphaPairs, alphaRefusalWords } from './alphaModel';

const formats = makeFormats(DEFAULT_FORMATS);
const row = (temp: string, ec: string) => ({ temp, ec });

test('typed pairs give the coefficient they were made with; half-typed rows count for nothing', () => {
  // κ = 1.6·(1 + 0.02·(T − 25)): 1.28 at 15 °C, 1.44 at 20 °C, 1.6 at 25 °C.
  const rows = [row('15', '1,28'), row('20', '1.44'), row('25', '1.6'), row('30', ''), row('', '')];
  const fit = fitAlpha(alphaPairs(rows, '°C'));
  expect(fit).toMatchObject({ ok: true, value: { alphaPerC: expect.closeTo(0.02, 9) } });
  const fahrenheit = fitAlpha(alphaPairs([row('59', '1.28'), row('77', '1.6')], '°F'));
  expect(fahrenheit).toMatchObject({ ok: true, value: { alphaPerC: expect.closeTo(0.02, 9) } });
});

test('a compensated pen is found out', () => {
  const fit = fitAlpha(alphaPairs([row('15', '1.6'), row('25', '1.6')], '°C'));
  if (fit.ok) throw new Error('nothing to fit');
  expect(alphaRefusalWords(fit.refusal, formats)).toContain('compensate after all');
});
