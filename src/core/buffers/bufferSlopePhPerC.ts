import { bufferPhAt, type BufferReference } from './bufferPhAt';
import { BUFFER_RANGE_C } from './constants';

/** Half the step of the difference quotient, °C. */
const HALF_STEP_C = 1;

/**
 * How fast a buffer's pH changes with temperature near `tempC`, pH per °C (a central difference
 * over 2 °C, one-sided at the ends of the table). 0 where the table has nothing to say.
 * `bufferSlopePhPerC({ kind: 'carbonate-10.01', nominalPh: 10.01 }, 20) // => -0.011`
 */
export function bufferSlopePhPerC(buffer: BufferReference, tempC: number): number {
  const lowC = Math.max(tempC - HALF_STEP_C, buffer.labelTable?.[0]?.tempC ?? BUFFER_RANGE_C.min);
  const highC = Math.min(
    tempC + HALF_STEP_C,
    buffer.labelTable?.at(-1)?.tempC ?? BUFFER_RANGE_C.max,
  );
  const low = bufferPhAt(buffer, lowC);
  const high = bufferPhAt(buffer, highC);
  if (!low.ok || !high.ok || highC <= lowC) return 0;
  return (high.value - low.value) / (highC - lowC);
}
