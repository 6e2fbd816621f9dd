import fc from 'fast-check';
import {
  AGES_DAYS,
  FAULTS,
  freePractice,
  guideStep,
  play,
  rightWay,
  type Fault,
} from '@/core/practice';
import { displayOf, type SimProfile } from '@/core/simulated-pen';
import { GENERIC_PROFILES } from './index';

const pressOf = fc.record({
  by: fc.constantFrom('button' as const, 'steps' as const, 'screw' as const, 'dials' as const),
  when: fc.constantFrom('afterDip' as const, 'beforeDip' as const),
  holdSeconds: fc.integer({ min: 0, max: 8 }),
  confirmPress: fc.boolean(),
  autoOffMinutes: fc.constantFrom(null, 4, 8, 60),
  between: fc.constantFrom('staysOn' as const, 'offLosesPoints' as const, 'offAfterEach' as const),
  holdPastOff: fc.boolean(),
  endsUnseen: fc.boolean(),
  errors: fc.constantFrom([], [{ text: 'E1', means: 'too early' }]),
});

const SETS = [
  { family: 'technical' as const, cupsPh: [7, 4.01] },
  { family: 'technical' as const, cupsPh: [7, 4.01, 10.01] },
  { family: 'technical' as const, cupsPh: [7] },
  { family: 'technical-7.01' as const, cupsPh: [7.01, 4.01] },
  // A value that no recipe has.
  { family: 'technical' as const, cupsPh: [7, 5.2] },
  { family: 'sachet' as const, cupsPh: [6.86, 4] },
  { family: 'sachet' as const, cupsPh: [6.86, 4, 9.18] },
];

const phSide = fc.record({
  resolutionPh: fc.constantFrom(0.01 as const, 0.1 as const),
  accuracyPh: fc.constant(0.1),
  hasAtc: fc.boolean(),
  set: fc.constantFrom(...SETS),
  storesNominal: fc.boolean(),
  pieces: fc.boolean(),
  press: pressOf,
});

const ecSide = fc.record({
  scale: fc.constantFrom('mS/cm' as const, 'CF' as const, 'µS/cm' as const, 'ppm500' as const),
  compensation: fc.constantFrom(null, { alphaPerC: 0.019, referenceC: 25 }),
  standardMsPerCm: fc.constantFrom(1.413, 2.77, 12.88),
  press: pressOf,
});
const DIGIT = { 'mS/cm': 0.01, CF: 0.1, 'µS/cm': 10, ppm500: 10 } as const;

const profileOf = fc
  .record({
    ph: fc.option(phSide, { nil: null }),
    ec: fc.option(ecSide, { nil: null }),
    display: fc.record({ sleeps: fc.boolean(), measuresOnPress: fc.boolean() }),
  })
  .filter(({ ph, ec }) => ph !== null || ec !== null)
  .map(({ ph, ec, display }): SimProfile => {
    const { set, ...side } = ph ?? { set: SETS[0]! };
    return {
      display,
      ph: ph ? ({ ...side, ...set, adjustable: true } as SimProfile['ph']) : null,
      ec: ec
        ? { ...ec, resolution: DIGIT[ec.scale], accuracyMsPerCm: 0.1, adjustable: true }
        : null,
    };
  });

/** Walks a whole check by the profile, as the Bench says, and looks at every display on the way. */
function walked(profile: SimProfile, fault: Fault, seed: number) {
  const practice = freePractice({ profile, ageDays: 180, fault, seed });
  const played = play(practice, rightWay(practice));
  expect(displayOf(played.world).state).toBeDefined();
  for (const side of ['ph', 'ec'] as const)
    if (profile[side]) expect(guideStep(played.world, side).step.kind).toBeDefined();
  return played;
}

test.each(GENERIC_PROFILES)(
  '$id: drifted and checked well it is right where the crop lives',
  (profile) => {
    const { outcome, world } = walked(profile, 'drifted', 11);
    const adjusts = (side: 'ph' | 'ec') =>
      profile[side]?.adjustable && profile[side].press.by !== 'none';
    // A pen without compensation that is set in one buffer keeps its slope: 0.05 at 6.
    const room =
      profile.ph && (profile.ph.cupsPh.length < 2 || profile.ph.resolutionPh > 0.05) ? 0.12 : 0.05;
    if (adjusts('ph')) expect(Math.abs(outcome.errorPh!)).toBeLessThan(room);
    if (profile.ec) expect(Math.abs(outcome.errorEcRel!)).toBeLessThan(0.03);
    expect(world.tip.at).toBe('cap');
  },
);

test.each(FAULTS)('every usual profile with the fault "%s" runs to its end', (fault) => {
  for (const [at, profile] of GENERIC_PROFILES.entries()) {
    const ageDays = AGES_DAYS[at % AGES_DAYS.length]!;
    const practice = freePractice({ profile, ageDays, fault, seed: ageDays });
    const { outcome } = play(practice, rightWay(practice));
    for (const value of Object.values(outcome)) expect(Number.isFinite(value)).toBe(true);
  }
});

test('two hundred pens that nobody has built run to their end', () => {
  fc.assert(
    fc.property(profileOf, fc.constantFrom(...FAULTS), fc.nat(999), (profile, fault, seed) => {
      const { outcome } = walked(profile, fault, seed);
      for (const value of Object.values(outcome)) expect(Number.isFinite(value)).toBe(true);
    }),
    { numRuns: 200 },
  );
});
