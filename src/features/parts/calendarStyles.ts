import type { CSSProperties } from 'react';
import { FACE, TYPE_PX } from '@/ui/text';
import { color, RADIUS, space, TOUCH } from '@/ui/tokens';

const plain: CSSProperties = {
  border: 'none',
  background: 'transparent',
  color: 'inherit',
  font: 'inherit',
  cursor: 'pointer',
};

/** How the package's parts look among ours: large enough for a wet thumb. */
export const CALENDAR_STYLES = {
  root: {
    color: color.ink,
    fontFamily: FACE.text,
    fontSize: `calc(${TYPE_PX.body}px * var(--text, 1))`,
    position: 'relative',
  },
  months: { position: 'relative' },
  nav: {
    position: 'absolute',
    insetInlineEnd: 0,
    top: 0,
    display: 'flex',
    gap: space.s2,
  },
  button_previous: { ...plain, width: TOUCH, height: TOUCH },
  button_next: { ...plain, width: TOUCH, height: TOUCH },
  chevron: { fill: color.action, display: 'inline-block' },
  month_caption: { minHeight: TOUCH, display: 'flex', alignItems: 'center', fontWeight: 700 },
  dropdowns: { display: 'flex', gap: space.s2 },
  month_grid: { borderCollapse: 'collapse', width: '100%' },
  weekday: { color: color.inkSoft, fontWeight: 400, padding: space.s1 },
  day: { padding: 0, textAlign: 'center' },
  day_button: { ...plain, minWidth: 40, width: '100%', height: TOUCH, borderRadius: RADIUS },
  today: { fontWeight: 700, textDecoration: 'underline' },
  selected: { background: color.actionWash, outline: `2px solid ${color.action}` },
} as const satisfies Record<string, CSSProperties>;
