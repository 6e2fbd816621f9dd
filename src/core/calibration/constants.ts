/** The isopotential point: where offset and gain part, pH. Convention of glass electrodes (IUPAC 2002). */
export const ISOPOTENTIAL_PH = 7;

/** How far off a pen may be found before it is adjusted. The trade's three schools. */
export type TolerancePolicy = 'laboratory' | 'normal' | 'relaxed';

/** As-found tolerance for each policy: pH, and relative for EC. */
export const TOLERANCE = {
  ph: { laboratory: 0.02, normal: 0.05, relaxed: 0.1 },
  ec: { laboratory: 0.02, normal: 0.03, relaxed: 0.05 },
} as const satisfies Record<'ph' | 'ec', Readonly<Record<TolerancePolicy, number>>>;

/** An adjusted point is accepted within this: three digits of a 0.01 pen, and 2 %. Trade practice. */
export const AS_LEFT_TOLERANCE = { ph: 0.03, ec: 0.02 } as const;

/** Above this a buffer tells of the gain above the neutral point too, pH. */
export const BEND_FROM_PH = 7.5;

/** A pH gain holds for this temperature, °C: the cell of a pen without ATC follows the cup's. */
export const GAIN_TEMP_C = 25;

/** An adjustment nobody saw leaves the pen this far from the value it stored, pH or relative (standard). */
export const UNSEEN_STD_U = 0.017;
