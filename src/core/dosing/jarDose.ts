import { answer, refuse, type Result } from '../result';

/** One reading of a jar test. */
export interface JarPoint {
  readonly drops: number;
  readonly ph: number;
}

/** How a jar test was made. */
export interface JarTest {
  readonly sampleL: number;
  /** Parts of diluted product in all that hold one of product: 50. */
  readonly dilution: number;
  readonly dropMl: number;
  /** By drops; the first is the sample as it was, at 0 drops. */
  readonly points: readonly JarPoint[];
}

/** What a jar test says of the whole tank. */
export interface JarResult {
  readonly drops: number;
  /** Product for the whole tank, mL. */
  readonly doseMl: number;
  readonly scale: number;
  /** The readings by drops, pooled so that pH only falls (or only rises). */
  readonly line: readonly JarPoint[];
  readonly warnings: readonly ('smallSample' | 'largeScale' | 'notMonotone')[];
}

/** Why a jar test gives no dose. */
export type JarRefusal =
  | { readonly reason: 'tooFewPoints'; readonly count: number; readonly needed: number }
  | { readonly reason: 'aimNotReached'; readonly reachedPh: number; readonly aimPh: number }
  | { readonly reason: 'badSetup' }
  /** No reading at 0 drops: the sample as it was. */
  | { readonly reason: 'noStart' };

/** Scaling up by more than this magnifies every drop. */
const JAR_SCALE_WARNING = 1000;

/** A smaller sample makes one drop too large a step, L. */
const JAR_SAMPLE_WARNING_L = 0.5;

/** Pools neighbours that go the wrong way, so that pH only falls (or only rises) with drops. */
function monotone(points: readonly JarPoint[], falling: boolean): { drops: number; ph: number }[] {
  const sign = falling ? -1 : 1;
  const pools: { drops: number[]; ph: number[] }[] = [];
  const mean = (list: readonly number[]) => list.reduce((sum, x) => sum + x, 0) / list.length;
  for (const { drops, ph } of points) {
    pools.push({ drops: [drops], ph: [ph] });
    for (;;) {
      const last = pools.at(-1)!;
      const before = pools.at(-2);
      if (!before || sign * (mean(last.ph) - mean(before.ph)) > 0) break;
      pools.splice(-2, 2, {
        drops: [...before.drops, ...last.drops],
        ph: [...before.ph, ...last.ph],
      });
    }
  }
  return pools.flatMap((pool) => pool.drops.map((drops) => ({ drops, ph: mean(pool.ph) })));
}

/**
 * How many drops reach the aim, and what that is for the tank: straight lines between points pooled
 * to be monotone (pool adjacent violators), never beyond the last drop. Warns above a thousand-fold
 * scale and under half a litre of sample.
 */
export function jarTestDose(
  jar: JarTest,
  { aimPh, tankVolumeL }: { readonly aimPh: number; readonly tankVolumeL: number },
): Result<JarResult, JarRefusal> {
  const { sampleL, dilution, dropMl } = jar;
  const positive = [sampleL, dilution, dropMl, tankVolumeL].every(
    (x) => Number.isFinite(x) && x > 0,
  );
  if (!positive) return refuse({ reason: 'badSetup' });
  const sorted = [...jar.points].sort((a, b) => a.drops - b.drops);
  if (sorted.length < 3) return refuse({ reason: 'tooFewPoints', count: sorted.length, needed: 3 });
  if (sorted[0]!.drops !== 0) return refuse({ reason: 'noStart' });
  const falling = aimPh < sorted[0]!.ph;
  const line = monotone(sorted, falling);
  const at = line.findIndex(({ ph }) => (falling ? ph <= aimPh : ph >= aimPh));
  if (at < 0) return refuse({ reason: 'aimNotReached', reachedPh: line.at(-1)!.ph, aimPh });
  const [from, to] = [line[Math.max(0, at - 1)]!, line[at]!];
  const share = to.ph === from.ph ? 0 : (aimPh - from.ph) / (to.ph - from.ph);
  const drops = from.drops + share * (to.drops - from.drops);
  const scale = tankVolumeL / sampleL;
  const bent = line.some(({ ph }, index) => ph !== sorted[index]!.ph);
  const warnings = [
    ...(sampleL < JAR_SAMPLE_WARNING_L ? (['smallSample'] as const) : []),
    ...(scale > JAR_SCALE_WARNING ? (['largeScale'] as const) : []),
    ...(bent ? (['notMonotone'] as const) : []),
  ];
  return answer({ drops, doseMl: (drops * dropMl * scale) / dilution, scale, line, warnings });
}

/**
 * One drop from counting the drops in a millilitre.
 * `dropMlFrom(20) // => 0.05`
 */
export function dropMlFrom(dropsInOneMl: number): number {
  if (!(dropsInOneMl >= 5 && dropsInOneMl <= 100)) throw new RangeError('between 5 and 100 drops');
  return 1 / dropsInOneMl;
}
