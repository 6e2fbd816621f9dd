import { mixSources, type SourceMix } from '@/core/dosing';
import type { Water } from '@/records/kinds';
import type { MixMissing } from '@/words/waters/mix';

interface Input {
  readonly first: Water | undefined;
  readonly second: Water | undefined;
  readonly by: 'ecMsPerCm' | 'alkalinityMmolPerL';
  readonly value: number | undefined;
  readonly volumeL: number | undefined;
}

/** The mixture, in litres where the volume is known; or what is missing. */
export type Mixed =
  | ({
      readonly kind: 'told';
      readonly litres?: { first: number; second: number } | undefined;
    } & SourceMix)
  | ({ readonly kind: 'missing' } & MixMissing);

const missing = (why: MixMissing): Mixed => ({ kind: 'missing', ...why });

/** Two waters to a target. */
export function mixOf({ first, second, by, value, volumeL }: Input): Mixed {
  if (!first || !second || first === second) return missing({ why: 'sameWater' });
  const facts = (water: Water) => ({
    ecMsPerCm: water.ecMsPerCm ?? NaN,
    alkalinityMmolPerL: water.alkalinityMmolPerL ?? NaN,
  });
  const [a, b] = [facts(first), facts(second)];
  const unknown = [first, second].find((water) => water[by] === undefined);
  if (unknown) return missing({ why: 'unknown', name: unknown.name, by });
  if (value === undefined) return missing({ why: 'noTarget' });
  const mix = mixSources(a, b, { by, value });
  if (!mix.ok) return missing({ why: 'notBetween' });
  const { firstShare } = mix.value;
  const litres =
    volumeL !== undefined && volumeL > 0
      ? { first: firstShare * volumeL, second: (1 - firstShare) * volumeL }
      : undefined;
  return { kind: 'told', litres, ...mix.value };
}
