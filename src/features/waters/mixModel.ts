import { mixSources, type SourceMix } from '@/core/dosing';
import type { Water } from '@/records/kinds';

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
  | { readonly kind: 'missing'; readonly why: string };

const missing = (why: string): Mixed => ({ kind: 'missing', why });

/** Two waters to a target. */
export function mixOf({ first, second, by, value, volumeL }: Input): Mixed {
  if (!first || !second || first === second) return missing('Choose two different waters.');
  const facts = (water: Water) => ({
    ecMsPerCm: water.ecMsPerCm ?? NaN,
    alkalinityMmolPerL: water.alkalinityMmolPerL ?? NaN,
  });
  const [a, b] = [facts(first), facts(second)];
  const unknown = [first, second].find((water) => water[by] === undefined);
  if (unknown)
    return missing(
      `${unknown.name}: its ${by === 'ecMsPerCm' ? 'EC' : 'alkalinity'} is not known.`,
    );
  if (value === undefined) return missing('Type a target.');
  const mix = mixSources(a, b, { by, value });
  if (!mix.ok)
    return missing('No mixture of these two gives that: the target must lie between them.');
  const { firstShare } = mix.value;
  const litres =
    volumeL !== undefined && volumeL > 0
      ? { first: firstShare * volumeL, second: (1 - firstShare) * volumeL }
      : undefined;
  return { kind: 'told', litres, ...mix.value };
}
