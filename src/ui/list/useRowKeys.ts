import { useEffect, useEffectEvent, useRef, useState } from 'react';
import type { View } from 'react-native';
import { rowAfterKey } from './rowKeys';

interface Input {
  readonly count: number;
  /** The rows that are drawn, first and last. */
  readonly first: number;
  readonly last: number;
  /** The first row in sight. */
  readonly inSight: number;
  /** Brings a row into sight. */
  readonly show: (index: number) => void;
}

interface KeyPress {
  readonly key: string;
  preventDefault(): void;
}

/** Frames a row stands under the focus before it is left alone, and frames it is waited for. */
const STILL_FRAMES = 4;
const MOST_FRAMES = 300;

/** What can take the focus within a row. */
const CONTROL = 'a[href], button, [tabindex]';

/**
 * A long list as one stop for Tab: arrows, pages, Home and End walk its rows, so that what stands
 * after the list is one Tab away and not a thousand.
 */
export function useRowKeys({ count, first, last, inSight, show }: Input) {
  const list = useRef<View>(null);
  const [current, setCurrent] = useState(0);
  // Asked for by a key; followed until it stands still under the focus.
  const [wanted, setWanted] = useState<number>();
  const showRow = useEffectEvent(show);
  useEffect(() => {
    const rows = list.current as unknown as HTMLElement | null;
    if (wanted === undefined || !rows) return;
    let [still, tries, frame] = [0, 0, 0];
    // Rows grow when what they say arrives, and push the wanted one out of sight again.
    const follow = () => {
      const row = rows.querySelector<HTMLElement>(`[data-index="${wanted}"]`);
      const control = row?.querySelector<HTMLElement>(CONTROL);
      const focused = document.activeElement;
      const elsewhere = focused !== document.body && !rows.contains(focused);
      if (elsewhere || still >= STILL_FRAMES || tries >= MOST_FRAMES) return setWanted(undefined);
      tries += 1;
      still = control ? still + 1 : 0;
      if (!control) showRow(wanted);
      // Until the row has come the list holds the focus: the next key is still for it.
      (control ?? rows).focus({ preventScroll: true });
      control?.scrollIntoView({ block: 'nearest' });
      frame = requestAnimationFrame(follow);
    };
    follow();
    return () => cancelAnimationFrame(frame);
  }, [wanted]);
  const from = wanted ?? (current >= first && current <= last ? current : inSight);
  const onKeyDown = (event: KeyPress) => {
    const next = rowAfterKey(event.key, from, count);
    if (next === undefined) return;
    event.preventDefault();
    setCurrent(next);
    setWanted(next);
    show(next);
  };
  const onFocus = (event: { readonly target: unknown }) => {
    const row = (event.target as HTMLElement).closest<HTMLElement>('[data-index]');
    if (row) setCurrent(Number(row.dataset.index));
  };
  return { list, tabStop: from, web: { onKeyDown, onFocus } as object };
}
