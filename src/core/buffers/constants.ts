/** A pH buffer by its composition. The technical 7.00 and 7.01 labels are one recipe. */
export type BufferKind =
  'phthalate-4.01' | 'phosphate-6.86' | 'technical-7.00' | 'borax-9.18' | 'carbonate-10.01';

/** Temperatures of the table's rows, °C. */
export const BUFFER_KNOTS_C = [0, 5, 10, 15, 20, 25, 30, 35, 40, 45, 50] as const;

/**
 * pH of each buffer at `BUFFER_KNOTS_C`. Standard uncertainty of the primary values 0.005.
 * @source R. G. Bates, Determination of pH, 2nd edition (Wiley 1973), table 4-4, values of the
 *   NBS/NIST pH scale; technical phosphate 7.00: temperature table common to labels of that recipe.
 */
export const BUFFER_PH: Readonly<Record<BufferKind, readonly number[]>> = {
  'phthalate-4.01': [4.003, 3.999, 3.998, 3.999, 4.002, 4.008, 4.015, 4.024, 4.035, 4.047, 4.06],
  'phosphate-6.86': [6.984, 6.951, 6.923, 6.9, 6.881, 6.865, 6.853, 6.844, 6.838, 6.834, 6.833],
  'borax-9.18': [9.464, 9.395, 9.332, 9.276, 9.225, 9.18, 9.139, 9.102, 9.068, 9.038, 9.011],
  'carbonate-10.01': [
    10.317, 10.245, 10.179, 10.118, 10.062, 10.012, 9.966, 9.925, 9.889, 9.856, 9.828,
  ],
  'technical-7.00': [7.12, 7.09, 7.06, 7.04, 7.02, 7.0, 6.99, 6.98, 6.97, 6.97, 6.97],
};

/** Where the table holds, °C. */
export const BUFFER_RANGE_C = { min: 0, max: 50 } as const;

/** A label's tolerance where it states none, pH. Common on technical buffers. */
export const BUFFER_TOLERANCE_PH = 0.02;

/** A display belongs to the nearest buffer of its family within this distance, pH. */
export const RECOGNITION_REACH_PH = 1.0;

/** Within this distance of the midpoint of two buffers a display is ambiguous, pH. */
export const AMBIGUOUS_REACH_PH = 0.3;
