import { TYPE_PX } from '../text';
import { color, space, TOUCH } from '../tokens';

/** How the browser's own fields look among ours. */
export const NATIVE_FIELD_STYLE = {
  minHeight: TOUCH,
  padding: `0 ${space.s3}px`,
  border: `1px solid ${color.inkSoft}`,
  borderRadius: 3,
  background: color.panel,
  color: color.ink,
  font: 'inherit',
  fontFamily: "'Atkinson Next', sans-serif",
  fontSize: `calc(${TYPE_PX.body}px * var(--text, 1))`,
  width: '100%',
  boxSizing: 'border-box',
} as const;
