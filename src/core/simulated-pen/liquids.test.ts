import { bufferPhAt, kindOfNominal } from '../buffers';
import {
  amountOf,
  concentrated,
  feed,
  freshBuffer,
  freshStandard,
  liquidEcMsPerCm,
  liquidPh,
  mixed,
  pureWater,
  stoodOpen,
  water,
} from './index';

const at = (tempC: number, volumeMl = 20) => ({ tempC, volumeMl });

test.each([
  [4.01, 5],
  [4.01, 25],
  [4.01, 40],
  [6.86, 10],
  [6.86, 35],
  [7, 15],
  [7, 30],
  [9.18, 5],
  [9.18, 30],
  [10.01, 10],
  [10.01, 25],
])('a fresh %p at %p °C is what its table says', (nominalPh, tempC) => {
  const table = bufferPhAt({ kind: kindOfNominal(nominalPh)!, nominalPh }, tempC);
  if (!table.ok) throw new Error('expected a value');
  expect(Math.abs(liquidPh(freshBuffer(nominalPh, at(tempC))) - table.value)).toBeLessThan(0.008);
});

/* Half as much of one acid, none of its salt: pH = pKa + log(salt/acid) holds for a plain buffer. */
test('a phosphate buffer with twice the salt stands log 2 higher', () => {
  const buffer = freshBuffer(6.86, at(25));
  const salt = buffer.strongIonDifferenceMolPerL - 0.05;
  // Of 0.05 mol/L so much has given off its second proton.
  const given = salt / 0.05;
  const wanted = {
    ...buffer,
    strongIonDifferenceMolPerL: 0.05 + 0.05 * ((2 * given) / (1 + given)),
  };
  const ratio = (share: number) => Math.log10(share / (1 - share));
  const moved = ratio((2 * given) / (1 + given)) - ratio(given);
  expect(liquidPh(wanted) - liquidPh(buffer)).toBeCloseTo(moved, 2);
});

test('mixing two liquids keeps what is dissolved, whatever the order', () => {
  const [a, b] = [freshBuffer(7, at(20, 18)), freshBuffer(4.01, at(20, 2))];
  const both = mixed(a, b);
  expect(both.volumeMl).toBe(20);
  expect(both.molPerL.phosphate).toBeCloseTo(0.05 * 0.9, 9);
  expect(both.molPerL.phthalate).toBeCloseTo(0.05 * 0.1, 9);
  expect(liquidPh(mixed(b, a))).toBeCloseTo(liquidPh(both), 9);
});

/* A tenth of the 4.01 brings the 7 down by far more than a hundredth: 5 mmol/L of acid on 12 mmol/L of buffer. */
test('a tenth of another buffer spoils a cup; a drop hardly', () => {
  const seven = freshBuffer(7, at(25));
  const four = freshBuffer(4.01, at(25));
  const tenth = liquidPh(mixed(seven, amountOf(four, 2.2)));
  const drop = liquidPh(mixed(seven, amountOf(four, 0.05)));
  expect(tenth).toBeLessThan(6.85);
  expect(tenth).toBeGreaterThan(6.5);
  expect(7 - drop).toBeGreaterThan(0.001);
  expect(7 - drop).toBeLessThan(0.02);
});

/* Dilution values of the buffers on two-fold dilution (Bates): +0.05, +0.08, +0.01. Here ionic strength is held, so it is less. */
test('ten parts in a hundred too much water cost about a hundredth at most', () => {
  for (const nominal of [4.01, 6.86, 9.18]) {
    const buffer = freshBuffer(nominal, at(25));
    const off = Math.abs(liquidPh(concentrated(buffer, 1 / 1.1)) - liquidPh(buffer));
    expect(off).toBeLessThan(0.012);
  }
});

test('a standard conducts by the KCl table at every temperature', () => {
  // 0.01 mol/L: 1.278 at 20 °C, 1.020 at 10 °C.
  expect(liquidEcMsPerCm(freshStandard(1.413, at(20)))).toBeCloseTo(1.278, 2);
  expect(liquidEcMsPerCm(freshStandard(1.413, at(10)))).toBeCloseTo(1.02, 2);
});

test('a standard that stood open gets stronger in the measure of what evaporated', () => {
  // 0.2 mL an hour of 20 mL for 10 h: 18 mL are left, 20/18 as strong.
  const standard = stoodOpen(freshStandard(2.77, at(25)), 10);
  expect(standard.volumeMl).toBeCloseTo(18, 6);
  expect(standard.ecKcl25MsPerCm).toBeCloseTo((2.77 * 20) / 18, 6);
});

test('an opened 10.01 takes up carbon dioxide and falls, a 4.01 does not', () => {
  const hours = 24;
  const steps = 24;
  let [ten, four] = [freshBuffer(10.01, at(25, 200)), freshBuffer(4.01, at(25, 200))];
  for (let step = 0; step < steps; step += 1) {
    ten = stoodOpen(ten, hours / steps);
    four = stoodOpen(four, hours / steps);
  }
  expect(liquidPh(ten)).toBeLessThan(10.005);
  expect(liquidPh(ten)).toBeGreaterThan(9.9);
  expect(liquidPh(four)).toBeCloseTo(4.01, 1);
  // Nothing else came in: alkalinity is what it was, but for what evaporated.
  expect(ten.molPerL.carbonate).toBeGreaterThan(0.05);
});

test('water in air ends where the air keeps it: 5.6 without, above 8 with alkalinity', () => {
  let [pure, hard] = [pureWater(at(25)), water({ alkalinityMeqPerL: 2.4, ph: 7.2 }, at(25, 200))];
  for (let hour = 0; hour < 48; hour += 1) {
    pure = { ...stoodOpen(pure, 0.25), volumeMl: 20 };
    hard = { ...stoodOpen(hard, 0.25), volumeMl: 200 };
  }
  expect(liquidPh(pure)).toBeGreaterThan(5.4);
  expect(liquidPh(pure)).toBeLessThan(5.9);
  expect(liquidPh(hard)).toBeGreaterThan(7.9);
});

test('a feed has the pH and the conductivity it is made with', () => {
  const made = feed({ ph: 5.8, ecMsPerCm: 1.8 }, at(21));
  expect(liquidPh(made)).toBeCloseTo(5.8, 6);
  expect(liquidEcMsPerCm({ ...made, tempC: 25 })).toBeCloseTo(1.8, 2);
});
