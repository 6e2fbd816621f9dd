/** A starting point for a tank's bands. EC in mS/cm at 25 °C. "Your adviser's numbers win." */
export interface CropTarget {
  readonly crop: string;
  readonly stage: string;
  readonly ph: readonly [low: number, high: number];
  readonly ec: readonly [low: number, high: number];
}

const target = (crop: string, stage: string, ph: [number, number], ec: [number, number]) => ({
  crop,
  stage,
  ph,
  ec,
});

/**
 * Typical published ranges for hydroponic feed. Sources differ by several tenths; every band can be
 * changed on the tank.
 * @source Extension bulletins and textbooks on soilless culture, ranges as commonly given.
 */
export const CROP_TARGETS: readonly CropTarget[] = [
  target('any', 'seedling, cutting', [5.5, 6.3], [0.6, 1.2]),
  target('strawberry', 'leaf growth', [5.5, 6.2], [1.0, 1.4]),
  target('strawberry', 'flower, fruit', [5.5, 6.2], [1.4, 2.0]),
  target('tomato', 'leaf growth', [5.5, 6.5], [2.0, 2.8]),
  target('tomato', 'fruit', [5.5, 6.3], [2.8, 4.0]),
  target('sweet pepper', 'leaf growth', [5.5, 6.3], [1.8, 2.4]),
  target('sweet pepper', 'fruit', [5.5, 6.3], [2.2, 3.0]),
  target('cucumber', 'all', [5.5, 6.2], [1.8, 2.6]),
  target('aubergine', 'all', [5.5, 6.3], [2.4, 3.4]),
  target('lettuce, leaf salad', 'all', [5.5, 6.5], [0.8, 1.6]),
  target('rocket, leaf brassicas', 'all', [5.8, 6.5], [1.4, 2.2]),
  target('spinach, chard', 'all', [5.8, 6.5], [1.6, 2.3]),
  target('basil', 'all', [5.5, 6.5], [1.0, 1.8]),
  target('mint', 'all', [5.5, 6.2], [1.8, 2.4]),
  target('parsley, coriander', 'all', [5.5, 6.3], [1.0, 1.8]),
  target('chive', 'all', [6.0, 6.6], [1.6, 2.2]),
  target('dwarf bean', 'all', [5.8, 6.4], [1.4, 2.2]),
  target('melon', 'all', [5.5, 6.2], [2.0, 2.6]),
  target('gerbera', 'all', [5.3, 6.0], [1.4, 2.0]),
  target('rose', 'all', [5.5, 6.2], [1.5, 2.4]),
  target('chrysanthemum', 'all', [5.6, 6.4], [1.8, 2.4]),
  target('orchid (potted)', 'all', [5.4, 6.2], [0.6, 1.2]),
  target('microgreens', 'all', [5.5, 6.3], [0.6, 1.4]),
];
