import { useEffect, useEffectEvent, useRef, type ReactNode } from 'react';
import { View } from 'react-native';
import { panned, zoomed, type TimeWindow } from './timeWindow';

interface Props {
  readonly window: TimeWindow;
  readonly limits: TimeWindow;
  readonly onWindow: (window: TimeWindow) => void;
  /** Of the drawing, px; time runs from `left` to it. */
  readonly width: number;
  readonly left: number;
  readonly label: string;
  readonly children: ReactNode;
}

/** What each key does: a share to move by, or a factor of length. */
const KEY_PAN: Readonly<Record<string, number>> = { ArrowLeft: -0.2, ArrowRight: 0.2 };
const KEY_ZOOM: Readonly<Record<string, number>> = { '+': 0.6, '=': 0.6, '-': 1 / 0.6 };
const RIGHT_PX = 8;
/** By then even a slow page has drawn what was asked, ms. */
const DRAWN_AFTER_MS = 400;

/**
 * Moves and scales the time shown: drag, pinch, wheel with Ctrl, arrow keys, + and −, Home for all.
 * Vertical drags still scroll the page.
 */
export function ZoomPan({ window: shown, limits, onWindow, width, left, label, children }: Props) {
  const surface = useRef<View>(null);
  const latest = useEffectEvent(() => ({ shown, limits, width, left }));
  const show = useEffectEvent(onWindow);
  useEffect(() => {
    const node = surface.current as unknown as HTMLElement | null;
    if (!node) return;
    const fingers = new Map<number, number>();
    let frame = 0;
    let quiet = 0;
    /** What was asked for last, until it surely is what is shown. */
    const asked = { window: undefined as TimeWindow | undefined };
    /** One new window a frame, however many events come. */
    const ask = (window: TimeWindow) => {
      asked.window = window;
      frame ||= requestAnimationFrame(() => {
        frame = 0;
        if (asked.window) show(asked.window);
      });
      clearTimeout(quiet);
      quiet = Number(
        setTimeout(() => {
          asked.window = undefined;
        }, DRAWN_AFTER_MS),
      );
    };
    // A slow page draws behind the fingers: each move goes on from what was asked, not from what is drawn.
    const now = () => asked.window ?? latest().shown;
    const wide = () => Math.max(1, latest().width - latest().left - RIGHT_PX);
    const momentAt = (clientX: number) => {
      const [from, to] = now();
      const px = clientX - node.getBoundingClientRect().left - latest().left;
      return from + ((to - from) * px) / wide();
    };
    const spread = () => {
      const [a = 0, b = 0] = [...fingers.values()];
      return { distance: Math.max(20, Math.abs(a - b)), middle: (a + b) / 2 };
    };
    const down = (event: PointerEvent) => {
      fingers.set(event.pointerId, event.clientX);
      node.setPointerCapture(event.pointerId);
    };
    const move = (event: PointerEvent) => {
      const before = fingers.get(event.pointerId);
      if (before === undefined) return;
      const { limits: all } = latest();
      if (fingers.size === 1) {
        fingers.set(event.pointerId, event.clientX);
        ask(panned(now(), (before - event.clientX) / wide(), all));
        return;
      }
      const was = spread();
      fingers.set(event.pointerId, event.clientX);
      const is = spread();
      const factor = was.distance / is.distance;
      ask(zoomed(now(), { factor, aroundMs: momentAt(is.middle), limits: all }));
    };
    const up = (event: PointerEvent) => fingers.delete(event.pointerId);
    const wheel = (event: WheelEvent) => {
      if (!event.ctrlKey) return;
      event.preventDefault();
      const factor = Math.exp(event.deltaY / 300);
      ask(zoomed(now(), { factor, aroundMs: momentAt(event.clientX), limits: latest().limits }));
    };
    const key = (event: KeyboardEvent) => {
      const { limits: all } = latest();
      const pan = KEY_PAN[event.key];
      const zoom = KEY_ZOOM[event.key];
      const [from, to] = now();
      if (pan !== undefined) ask(panned([from, to], pan, all));
      else if (zoom !== undefined)
        ask(zoomed([from, to], { factor: zoom, aroundMs: (from + to) / 2, limits: all }));
      else if (event.key === 'Home') ask(all);
      else return;
      event.preventDefault();
    };
    node.style.touchAction = 'pan-y';
    node.addEventListener('pointerdown', down);
    node.addEventListener('pointermove', move);
    node.addEventListener('pointerup', up);
    node.addEventListener('pointercancel', up);
    node.addEventListener('wheel', wheel, { passive: false });
    node.addEventListener('keydown', key);
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(quiet);
      node.removeEventListener('pointerdown', down);
      node.removeEventListener('pointermove', move);
      node.removeEventListener('pointerup', up);
      node.removeEventListener('pointercancel', up);
      node.removeEventListener('wheel', wheel);
      node.removeEventListener('keydown', key);
    };
  }, []);
  return (
    <View ref={surface} tabIndex={0} role="group" aria-label={label}>
      {children}
    </View>
  );
}
