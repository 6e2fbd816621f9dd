const FRAME_ID = 'frame';

/** A press on the frame that nobody has heard of yet: where it leads. */
let pressed: string | undefined;

/** Notes the last press on the frame, once. */
function takePress(frame: HTMLElement | null): void {
  pressed = frame?.dataset.pressed ?? pressed;
  delete frame?.dataset.pressed;
}

/** Takes away the frame that stood in the page before the app (`public/boot.js`): a screen is drawn. */
export function dropFirstFrame(): void {
  const frame = document.getElementById(FRAME_ID);
  takePress(frame);
  frame?.remove();
}

/** Whether that frame still stands: it shows rows of its own. */
export const firstFrameStands = (): boolean => document.getElementById(FRAME_ID) !== null;

/**
 * Hears where a press on the frame leads: one from before the app was there, and any while the frame stands.
 * @returns what ends the hearing
 */
export function hearFirstPress(go: (path: string) => void): () => void {
  const frame = document.getElementById(FRAME_ID);
  const hear = () => {
    takePress(frame);
    const path = pressed;
    pressed = undefined;
    if (path !== undefined) go(path);
  };
  hear();
  frame?.addEventListener('pressed', hear);
  return () => frame?.removeEventListener('pressed', hear);
}
