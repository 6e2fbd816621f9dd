/** pH against dose, as the plan sees it. */
export interface CurveSpec {
  readonly points: readonly {
    readonly amount: number;
    readonly ph: number;
    readonly low: number;
    readonly high: number;
  }[];
  readonly band: { readonly low: number; readonly high: number };
  readonly first: number;
  readonly full: number;
  readonly unit: string;
}

/** Its height, and where its plot begins and ends, px. */
export const CURVE = { height: 170, left: 48, pad: 10, floor: 136 } as const;

/** What is added above and below all that is drawn, pH. */
const ROOM_PH = 0.1;

/** The shapes of a dose's curve in a drawing of a width, px. */
export function curveGeometry({ points, band, first, full }: CurveSpec, width: number) {
  const { left, pad, floor } = CURVE;
  const most = Math.max(points.at(-1)!.amount, 1e-9);
  const bottom = Math.min(...points.map(({ low }) => low), band.low) - ROOM_PH;
  const top = Math.max(...points.map(({ high }) => high), band.high) + ROOM_PH;
  const x = (amount: number) => left + ((width - left - pad) * amount) / most;
  const y = (ph: number) => pad + ((floor - pad) * (top - ph)) / (top - bottom);
  const along = (key: 'ph' | 'low' | 'high') =>
    points.map((point) => `${x(point.amount).toFixed(1)} ${y(point[key]).toFixed(1)}`);
  /** The pH of the point nearest to an amount. */
  const phAt = (amount: number) =>
    points.reduce((near, point) =>
      Math.abs(point.amount - amount) < Math.abs(near.amount - amount) ? point : near,
    ).ph;
  const markOf = (amount: number) => ({ x: x(amount), y: y(phAt(amount)), ph: phAt(amount) });
  return {
    line: `M${along('ph').join('L')}`,
    ribbon: `M${along('high').join('L')}L${along('low').reverse().join('L')}Z`,
    /** The band as a recess of the plot, and the notch that it cuts into the axis. */
    band: { top: y(band.high), bottom: y(band.low), width: width - left - pad },
    notch: `M${left} ${pad}V${y(band.high)}H${left - 8}V${y(band.low)}H${left}V${floor}`,
    first: markOf(first),
    full: markOf(full),
    /** Where the amounts are written; the first lower where the two would touch. */
    amounts: [0, first, full].map((amount, place) => ({
      amount,
      x: Math.min(x(amount), width - 40),
      y: CURVE.height - 14 + (place === 1 && x(full) - x(first) < 52 ? 12 : 0),
    })),
  };
}
