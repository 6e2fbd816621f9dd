import { useEffect, useState, type ReactNode } from 'react';
import { whenIdle } from '../whenIdle';

/** Rows drawn at once: more than a screen shows. */
const FIRST = 9;

/** Rows added in each idle moment: few enough not to hold up a press. */
const STEP = 5;

interface Props {
  readonly rows: readonly ReactNode[];
  /** Rows of the screen that stand above these. */
  readonly after?: number;
}

/** Many rows: the first of them at once, the others in idle moments before anybody scrolls to them. */
export function Gradually({ rows, after = 0 }: Props) {
  const [drawn, setDrawn] = useState(() => Math.max(0, FIRST - after));
  useEffect(
    () => (drawn < rows.length ? whenIdle(() => setDrawn(drawn + STEP)) : undefined),
    [drawn, rows.length],
  );
  return rows.slice(0, drawn);
}
