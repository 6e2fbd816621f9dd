import type { WaterEvent } from '@/core/dosing';
import type { TimedAddition } from './additions';

/** What happened to a tank's water, as its chemistry has to know it. */
export function waterEvents(additions: readonly TimedAddition[]): readonly WaterEvent[] {
  return additions.map(({ record, atMs }): WaterEvent => {
    const { what, acidMmol, tankVolumeL, alkalinityMmolPerL } = record.body;
    if (what === 'change') return { kind: 'change', atMs, alkalinityMmolPerL };
    if (what === 'acid' || what === 'base') {
      const known = acidMmol !== undefined && tankVolumeL !== undefined;
      return { kind: 'dose', atMs, acidMmolPerL: known ? acidMmol / tankVolumeL : undefined };
    }
    return { kind: what === 'stock' ? 'stock' : 'water', atMs };
  });
}
