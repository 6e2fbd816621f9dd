import { additionSchema, jarTestSchema, type TankId, type ReadingId } from '@/records';
import type { Reservoir } from '@/records/kinds';
import { GENERIC_PRODUCTS } from '@/records/products';
import {
  ecAdditions,
  jarAndDose,
  plannedDose,
  unknownStock,
  unplannedDose,
  type Pour,
} from './pourings';

const nowMs = Date.UTC(2026, 4, 20, 10);
const nitric = GENERIC_PRODUCTS.find(({ id }) => id === 'nitric-38')!;
const powder = GENERIC_PRODUCTS.find(({ product }) => product.strength.kind === 'dry')!;
const waters = [{ waterId: 'w1', share: 1 }];
const pour: Pour = {
  tankId: 't1' as TankId,
  tank: { waters } as unknown as Reservoir,
  tankVolumeL: 100,
  readingId: 'r1' as ReadingId,
  nowMs,
};
const minutesTo = (at: string | undefined) => (Date.parse(at!) - nowMs) / 60_000;

test('what was planned is booked with its promise, its equivalents and its re-read', () => {
  const plan = {
    unit: 'mL' as const,
    firstAmount: 3.1234567,
    acidMmol: 23.26,
    aimPh: 6.1,
    afterPh: 6.38,
  };
  const body = plannedDose(pour, nitric, plan, { note: 'why', rereadMinutes: 30 });
  expect(additionSchema.parse(body)).toEqual(
    expect.objectContaining({
      what: 'acid',
      productName: nitric.name,
      readingId: 'r1',
      tankVolumeL: 100,
      doseMl: 3.123,
      predictedPh: 6.38,
      acidMmol: 23.26,
      note: 'why',
    }),
  );
  expect(minutesTo(body.rereadAt)).toBe(30);
});

test('what was poured without a plan promises nothing; a powder is in grams', () => {
  expect(additionSchema.parse(unplannedDose(pour, nitric, 7))).toMatchObject({ doseMl: 7 });
  const dry = additionSchema.parse(unplannedDose(pour, powder, 7));
  expect(dry).toMatchObject({ doseG: 7 });
  expect([dry.doseMl, dry.predictedPh, dry.acidMmol]).toEqual([undefined, undefined, undefined]);
});

test('a jar test and its dose name one tank, one product and one moment', () => {
  const points = [
    { drops: 0, ph: 6.7 },
    { drops: 4, ph: 6.2 },
  ];
  const tried = { sampleL: 1, dilution: 100, dropMl: 0.05, points, aimPh: 6 };
  const plan = { firstMl: 1.23456, afterPh: 6.2 } as never;
  const { jar, dose } = jarAndDose(pour, nitric, tried, { plan, note: '' });
  expect(jarTestSchema.parse(jar)).toMatchObject({ tankId: 't1', points, tankVolumeL: 100 });
  expect(additionSchema.parse(dose)).toMatchObject({ doseMl: 1.235, predictedPh: 6.2 });
  expect([jar.at, jar.productName]).toEqual([dose.at, dose.productName]);
});

test('stock is promised; water after draining is mixed at its end, and is of the tank’s waters', () => {
  const raise = {
    kind: 'raise',
    aimMsPerCm: 1.7,
    fullMl: 200,
    firstMl: 120,
    gainMsPerCm: 0.25,
    pours: 0,
    afterMsPerCm: 1.5,
  } as const;
  expect(ecAdditions(pour, raise, 1.2).map((body) => additionSchema.parse(body))).toMatchObject([
    { what: 'stock', doseMl: 120, ecBeforeMsPerCm: 1.2, predictedEcMsPerCm: 1.5 },
  ]);
  const thin = { kind: 'thin', aimMsPerCm: 1.7, waterMsPerCm: 0.4, addL: 33.333 } as const;
  const drained = ecAdditions(pour, { ...thin, drainL: 13.333 }, 2.2);
  expect(drained).toMatchObject([
    { what: 'drain', waterL: 13.33 },
    { what: 'water', waterL: 33.33, waters, predictedEcMsPerCm: 1.7 },
  ]);
  expect(drained.map(({ rereadAt }) => rereadAt !== undefined)).toEqual([false, true]);
  expect(ecAdditions(pour, { ...thin, drainL: 0 }, 2.2)).toHaveLength(1);
});

test('stock nobody knows is booked as poured, with the EC it was poured at', () => {
  const body = additionSchema.parse(unknownStock(pour, 50, 1.2));
  expect(body).toMatchObject({ what: 'stock', doseMl: 50, ecBeforeMsPerCm: 1.2, tankVolumeL: 100 });
  // The next reading tells what it adds: nothing was promised.
  expect(body.predictedEcMsPerCm).toBeUndefined();
});

test('a pump that turns the tank over faster brings the re-reading forward', () => {
  const pumped = { ...pour, tank: { pumpLPerMin: 20 } as unknown as Reservoir };
  const slow = { ...pour, tank: { pumpLPerMin: 1 } as unknown as Reservoir };
  const wait = (at: Pour) => minutesTo(unknownStock(at, 50, undefined).rereadAt);
  expect(wait(pumped)).toBeLessThan(wait(slow));
});
