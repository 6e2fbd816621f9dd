import { useEffect, useState } from 'react';

/** Less than this share of the page left to see: a keypad stands over the rest. */
const KEYPAD_SHARE = 0.75;

/**
 * Keeps the page as high as what can be seen of it: where a keypad comes, the main action stands above
 * it instead of under it. Answers whether one is there.
 */
export function useVisibleHeight(): boolean {
  const [keypad, setKeypad] = useState(false);
  useEffect(() => {
    const seen = window.visualViewport;
    if (!seen) return;
    const follow = () => {
      const open = seen.height < KEYPAD_SHARE * window.innerHeight && seen.scale < 1.05;
      const { style } = document.documentElement;
      if (open) style.setProperty('--visible', `${Math.round(seen.height)}px`);
      else style.removeProperty('--visible');
      setKeypad(open);
    };
    seen.addEventListener('resize', follow);
    return () => {
      seen.removeEventListener('resize', follow);
      document.documentElement.style.removeProperty('--visible');
    };
  }, []);
  return keypad;
}
