import type { Formats } from './formats';
import { parseDecimal } from './parseDecimal';

/** A wet-thumb step from what is typed (or from the last reading) by one digit of the display. */
export function stepTyped(
  typed: string,
  {
    direction,
    resolution,
    from,
    formats,
  }: { direction: 1 | -1; resolution: number; from: number; formats: Formats },
): string {
  const parsed = parseDecimal(typed);
  const start = parsed.ok ? parsed.value : from;
  const next = parsed.ok ? start + direction * resolution : start;
  return formats
    .shown(Math.max(0, Math.round(next / resolution) * resolution), resolution)
    .replace('−', '-');
}
