/** Takes away the frame that stood in the page before the app (`public/boot.js`): a screen is drawn. */
export function dropFirstFrame(): void {
  document.getElementById('frame')?.remove();
}

/** Whether that frame still stands: it shows rows of its own. */
export const firstFrameStands = (): boolean => document.getElementById('frame') !== null;
