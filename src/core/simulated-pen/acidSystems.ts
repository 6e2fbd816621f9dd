import { bufferPhAt, type FamilyMember } from '../buffers';

/** Weak acids of the cups, each as a ladder of protons. */
export type AcidSystem = 'phthalate' | 'phosphate' | 'borate' | 'carbonate' | 'ammonium';

interface Ladder {
  /** Conditional pKa at 25 °C and the ionic strength of buffers (0.05 to 0.1 mol/L), first proton first. */
  readonly pKa: readonly number[];
  /** Charge of the form with all its protons. */
  readonly topCharge: number;
  /** The buffer whose table tells how this acid follows temperature. */
  readonly follows?: FamilyMember;
  /** Change of each pKa per °C where no table tells it. */
  readonly perC?: readonly number[];
}

/**
 * The acids of buffers and water.
 * @source pKa at zero ionic strength from the CRC Handbook (phthalic 2.95, 5.41; phosphoric 2.15, 7.20,
 *   12.35; boric 9.24; carbonic 6.35, 10.33; ammonium 9.25), moved to I = 0.05 to 0.1 mol/L by Davies (1962).
 *   How they follow temperature: the buffers' own tables (Bates 1973), for a fixed recipe near its pKa
 *   moves as its pKa does.
 */
const ACID_SYSTEMS: Readonly<Record<AcidSystem, Ladder>> = {
  phthalate: {
    pKa: [2.86, 5.15],
    topCharge: 0,
    follows: { kind: 'phthalate-4.01', nominalPh: 4.01 },
  },
  phosphate: {
    pKa: [2.04, 6.87, 11.8],
    topCharge: 0,
    follows: { kind: 'phosphate-6.86', nominalPh: 6.86 },
  },
  borate: { pKa: [9.17], topCharge: 0, follows: { kind: 'borax-9.18', nominalPh: 9.18 } },
  carbonate: {
    pKa: [6.25, 10.01],
    topCharge: 0,
    follows: { kind: 'carbonate-10.01', nominalPh: 10.01 },
  },
  ammonium: { pKa: [9.25], topCharge: 1, perC: [-0.031] },
};

/** The acids a simulated liquid may hold. */
export const ACID_NAMES = Object.keys(ACID_SYSTEMS) as readonly AcidSystem[];

/** First proton of carbonic acid: its pKa falls so much per °C (Plummer and Busenberg 1982). */
const CARBONIC_FIRST_PER_C = -0.006;

/** −log10 of the ion product of water at 25 °C and I ≈ 0.05, and its change per °C (CRC Handbook). */
const PKW_25 = 13.9;
const PKW_PER_C = -0.033;

/** Where the buffers' tables hold, °C: beyond it their ends are kept. */
const TABLE_C = { min: 0, max: 50 };

/** How far a buffer's value stands from its value at 25 °C, pH. */
function tableShift(buffer: FamilyMember, tempC: number): number {
  const here = bufferPhAt(buffer, Math.min(Math.max(tempC, TABLE_C.min), TABLE_C.max));
  const at25 = bufferPhAt(buffer, 25);
  return here.ok && at25.ok ? here.value - at25.value : 0;
}

/** The constants at one temperature: each acid's Ka in order, and Kw. */
export interface ConstantsAt {
  readonly tempC: number;
  readonly ka: Readonly<Record<AcidSystem, readonly number[]>>;
  readonly kw: number;
}

/** Constants are worked out for every hundredth of a degree that was asked for. */
const known = new Map<number, ConstantsAt>();
const MOST_KNOWN = 2000;

/** Constants of all acids at a temperature, °C, to a hundredth of a degree. */
export function acidConstantsAt(tempC: number): ConstantsAt {
  const hundredths = Math.round(100 * tempC);
  const before = known.get(hundredths);
  if (before) return before;
  const made = constantsAt(hundredths / 100);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(hundredths, made);
  return made;
}

function constantsAt(tempC: number): ConstantsAt {
  const away = tempC - 25;
  const ka = Object.fromEntries(
    ACID_NAMES.map((name) => {
      const { pKa, follows, perC } = ACID_SYSTEMS[name];
      const shift = follows ? tableShift(follows, tempC) : 0;
      return [
        name,
        pKa.map((each, at) => {
          const first = name === 'carbonate' && at === 0;
          const moved = first ? CARBONIC_FIRST_PER_C * away : shift + (perC?.[at] ?? 0) * away;
          return 10 ** -(each + moved);
        }),
      ];
    }),
  ) as unknown as Record<AcidSystem, readonly number[]>;
  return { tempC, ka, kw: 10 ** -(PKW_25 + PKW_PER_C * away) };
}

/** Mean negative charge of one mole of an acid at a hydrogen-ion activity. */
export function chargePerMole(name: AcidSystem, aH: number, { ka }: ConstantsAt): number {
  let [term, sum, weighted] = [1, 1, 0];
  const steps = ka[name];
  for (let step = 0; step < steps.length; step += 1) {
    term *= steps[step]! / aH;
    sum += term;
    weighted += (step + 1) * term;
  }
  return weighted / sum - ACID_SYSTEMS[name].topCharge;
}
