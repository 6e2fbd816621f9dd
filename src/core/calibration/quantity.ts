/** What a side of a pen measures. Everything that differs between the two stands in tables by it. */
export type Quantity = 'ph' | 'ec';

/** Both, in the order they are listed. */
export const QUANTITIES: readonly Quantity[] = ['ph', 'ec'];
