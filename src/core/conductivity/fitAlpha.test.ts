import { normalDraw, seededRandom } from '../statistics';
import { fitAlpha } from './index';

const liquid = (tempC: number, alphaPerC: number) => ({
  tempC,
  ecMsPerCm: 2 * (1 + alphaPerC * (tempC - 25)),
});

test('exact pairs give back their own coefficient', () => {
  const fit = fitAlpha([12, 18, 24, 29].map((tempC) => liquid(tempC, 0.0205)));
  expect(fit).toMatchObject({
    ok: true,
    value: {
      alphaPerC: expect.closeTo(0.0205, 9),
      ec25MsPerCm: expect.closeTo(2, 9),
      alphaStdUPerC: expect.closeTo(0, 9),
    },
  });
});

test('the KCl table from 15 to 25 °C gives its known 1.91 % per °C (ISO 7888, within 0.03)', () => {
  const fit = fitAlpha([
    { tempC: 15, ecMsPerCm: 1.147 },
    { tempC: 20, ecMsPerCm: 1.278 },
    { tempC: 25, ecMsPerCm: 1.413 },
  ]);
  expect(fit.ok && fit.value.alphaPerC).toBeCloseTo(0.0188, 3);
});

test('too little to go by is refused with its numbers', () => {
  expect(fitAlpha([liquid(20, 0.02)])).toMatchObject({ refusal: { reason: 'tooFewPairs' } });
  expect(fitAlpha([liquid(20, 0.02), liquid(24, 0.02)])).toEqual({
    ok: false,
    refusal: { reason: 'spanTooSmall', spanC: 4, neededC: 5 },
  });
  const falling = [liquid(15, 0.02), { tempC: 25, ecMsPerCm: 1.5 }];
  expect(fitAlpha(falling)).toMatchObject({ refusal: { reason: 'implausible' } });
});

test('the stated error covers the truth at its rate (200 seeds from 300, eight pairs, 0.5 % noise)', () => {
  const held = Array.from({ length: 200 }, (_, at) => {
    const random = seededRandom(300 + at);
    const pairs = Array.from({ length: 8 }, (_unused, i) => {
      const { tempC, ecMsPerCm } = liquid(14 + 2 * i, 0.02);
      return { tempC, ecMsPerCm: ecMsPerCm * (1 + 0.005 * normalDraw(random)) };
    });
    const fit = fitAlpha(pairs);
    if (!fit.ok || fit.value.alphaStdUPerC === undefined) return false;
    // Six degrees of freedom: Student's t at 95 % is 2.45.
    return Math.abs(fit.value.alphaPerC - 0.02) <= 2.45 * fit.value.alphaStdUPerC;
  }).filter(Boolean).length;
  expect(held / 200).toBeGreaterThan(0.9);
});
