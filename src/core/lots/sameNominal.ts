/**
 * How near two nominal values are the same liquid, pH or mS/cm: a 4.00 and a 4.01 are two buffers of
 * two makers' families, each with its own table.
 */
const SAME_NOMINAL = 0.006;

/** Whether two nominal values name the same liquid; liquids without one are the same to each other. */
export const isSameNominal = (a: number | undefined, b: number | undefined) =>
  a === b || (a !== undefined && b !== undefined && Math.abs(a - b) <= SAME_NOMINAL);
