import type { TextStyle } from 'react-native';

/** The scale of type, px at text size 100 %. */
export const TYPE_PX = { tiny: 13, small: 15, body: 17, large: 21, huge: 28, hero: 44 } as const;
export type TypeSize = keyof typeof TYPE_PX;

/** A length that follows the text-size setting; react-native-web passes it through to CSS. */
function scaled(px: number): number {
  return `calc(${px}px * var(--text, 1))` as unknown as number;
}

/** Line heights of the scale, px at text size 100 %. */
export const LINE_PX: Readonly<Record<TypeSize, number>> = {
  tiny: 18,
  small: 21,
  body: 24,
  large: 27,
  huge: 34,
  hero: 50,
};

/** Size and line height of a step of the scale. */
export function typeStep(size: TypeSize): TextStyle {
  return { fontSize: scaled(TYPE_PX[size]), lineHeight: scaled(LINE_PX[size]) };
}

/** Faces: text, numbers (aligned digits), names and headings. */
export const FACE = {
  text: "'Atkinson Next', system-ui, sans-serif",
  mono: "'Atkinson Mono', ui-monospace, monospace",
  slab: "'Zilla Slab', 'Atkinson Next', serif",
} as const;
