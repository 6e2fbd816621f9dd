import { laboratoryDip } from './index';

test('a laboratory’s pH is a dip without a bottle: shown 6.2, true 6.0', () => {
  const dip = laboratoryDip(
    { quantity: 'ph', shown: 6.2, tempC: 20, pen: { resolutionPh: 0.01, hasAtc: true } },
    6,
  );
  expect(dip).toMatchObject({ lever: -1, bends: false, difference: expect.closeTo(0.2, 12) });
  expect(dip?.lot).toBeUndefined();
  // The laboratory's 0.05, the junction's 0.02, a digit.
  expect(dip?.variance).toBeCloseTo(0.05 ** 2 + 0.02 ** 2 + 0.01 ** 2 / 12, 12);
});

test('a pen without ATC: the cell’s own temperature is in the lever', () => {
  const pen = { resolutionPh: 0.01, hasAtc: false };
  const dip = laboratoryDip({ quantity: 'ph', shown: 5.6, tempC: 10, pen }, 5.5);
  const lever = (283.15 / 298.15) * -1.5;
  expect(dip?.lever).toBeCloseTo(lever, 12);
  expect(dip?.difference).toBeCloseTo(-1.4 - lever, 12);
});

test('a laboratory’s EC at 25 °C against a pen at 20 °C', () => {
  const pen = {
    scale: 'mS/cm',
    resolution: 0.01,
    compensation: { alphaPerC: 0.02, referenceC: 25 },
  } as const;
  const reading = { quantity: 'ec', shown: 2.1, tempC: 20, pen, feedAlphaPerC: 0.02 } as const;
  const dip = laboratoryDip(reading, 2);
  expect(dip?.difference).toBeCloseTo(Math.log(1.05), 9);
  expect(dip?.lever).toBe(0);
  const parts = [
    0.015,
    0.01 / Math.sqrt(12) / 2.1,
    0.01 / Math.sqrt(3),
    0.006,
    0.005 / Math.sqrt(3),
  ];
  expect(Math.sqrt(dip!.variance)).toBeCloseTo(Math.hypot(...parts), 9);
  expect(laboratoryDip({ ...reading, shown: 0.5 }, 0.5)?.difference).toBeCloseTo(0, 9);
  expect(laboratoryDip(reading, 0)).toBeUndefined();
  expect(
    laboratoryDip({ ...reading, pen: { ...pen, compensation: null }, tempC: undefined }, 2),
  ).toBeUndefined();
});
