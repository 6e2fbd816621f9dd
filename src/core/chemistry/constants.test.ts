import golden from './constants.golden.json';
import {
  ACIDS,
  AIR_CO2_UATM,
  FEED_CALCIUM_MMOL_PER_MS,
  FEED_MAGNESIUM_MMOL_PER_MS,
  IONIC_STRENGTH_PER_MS_PER_CM,
  LOG_K,
  PAIRS,
  WATER_CALCIUM_MMOL_PER_MEQ,
  WATER_MAGNESIUM_MMOL_PER_MEQ,
} from './constants';
import { DENSITY_G_PER_ML, REAGENTS } from './products';

const mapped = <From, To>(record: Readonly<Record<string, From>>, of: (value: From) => To) =>
  Object.fromEntries(Object.entries(record).map(([name, value]) => [name, of(value)]));

test('every constant of the chemistry is as its source has it', () => {
  expect(LOG_K).toEqual(golden.logK);
  expect(mapped(ACIDS, ({ steps }) => steps.map(({ pKa25 }) => pKa25))).toEqual(golden.pKa25);
  expect(mapped(ACIDS, ({ steps }) => steps.map((step) => step.enthalpyKjPerMol))).toEqual(
    golden.enthalpyKjPerMol,
  );
  expect(mapped(ACIDS, ({ topCharge }) => topCharge)).toEqual(golden.topCharge);
  expect([AIR_CO2_UATM, IONIC_STRENGTH_PER_MS_PER_CM]).toEqual([420, 0.013]);
});

test('every reagent and density is as its source has it', () => {
  expect(mapped(REAGENTS, ({ molarMassGPerMol }) => molarMassGPerMol)).toEqual(
    golden.molarMassGPerMol,
  );
  expect(mapped(REAGENTS, ({ strongIonDifference }) => strongIonDifference)).toEqual(
    golden.strongIonDifference,
  );
  expect(mapped(REAGENTS, ({ nutrientsGPerMol }) => nutrientsGPerMol)).toEqual(
    golden.nutrientsGPerMol,
  );
  expect(DENSITY_G_PER_ML).toEqual(golden.densityGPerMl);
});

test('every pair and heat capacity is as its source has it', () => {
  const listed: Record<string, Record<string, Record<string, number>>> = {};
  for (const { metal, ligand, step, logK } of PAIRS) {
    listed[metal] ??= {};
    listed[metal][ligand] ??= {};
    listed[metal][ligand][step] = logK;
  }
  expect(listed).toEqual(golden.pairs);
  expect(
    ACIDS.phosphate.steps.map((step) =>
      'heatCapacityJPerMolK' in step ? step.heatCapacityJPerMolK : 0,
    ),
  ).toEqual(golden.heatCapacityJPerMolK.phosphate);
  expect([WATER_CALCIUM_MMOL_PER_MEQ, WATER_MAGNESIUM_MMOL_PER_MEQ]).toEqual([0.35, 0.12]);
  expect([FEED_CALCIUM_MMOL_PER_MS, FEED_MAGNESIUM_MMOL_PER_MS]).toEqual([1.5, 0.75]);
});
