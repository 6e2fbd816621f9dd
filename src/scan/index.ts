import { releaseProxy, transfer, wrap, type Remote } from 'comlink';
import type { LabelDecoder } from './decodeLabel';

/** Pictures are made this small, px of the longer side: a label held near needs no more. */
const SIDE_PX = 640;

/** A picture is looked at so long after the one before, ms. */
const LOOK_AFTER_MS = 120;

/** Why there is no camera. */
export type NoCamera = 'unsafe' | 'denied' | 'none';

/** Asks for the camera at the back; answers why there is none. */
export async function openCamera(): Promise<MediaStream | NoCamera> {
  // Browsers offer none at an address that is not secure.
  const devices = navigator.mediaDevices as MediaDevices | undefined;
  if (!devices) return 'unsafe';
  try {
    return await devices.getUserMedia({ video: { facingMode: 'environment' }, audio: false });
  } catch (error) {
    const { name } = error as { name?: string };
    return name === 'NotAllowedError' || name === 'SecurityError' ? 'denied' : 'none';
  }
}

/** Switches the camera off. */
export function closeCamera(stream: MediaStream): void {
  for (const track of stream.getTracks()) track.stop();
}

function pictureOf(video: HTMLVideoElement, canvas: HTMLCanvasElement): ImageData | undefined {
  const { videoWidth, videoHeight } = video;
  const scale = Math.min(1, SIDE_PX / Math.max(videoWidth, videoHeight, 1));
  const [width, height] = [Math.round(videoWidth * scale), Math.round(videoHeight * scale)];
  if (width === 0 || height === 0) return undefined;
  Object.assign(canvas, { width, height });
  const context = canvas.getContext('2d', { willReadFrequently: true });
  context?.drawImage(video, 0, 0, width, height);
  return context?.getImageData(0, 0, width, height);
}

/**
 * Looks at what a video shows until it is stopped; `onText` hears the text of every code that is found.
 * Answers how to stop it.
 */
export function watchForCodes(video: HTMLVideoElement, onText: (text: string) => void): () => void {
  const worker = new Worker(new URL('./decodeLabel.ts', window.location.href));
  const decoder: Remote<LabelDecoder> = wrap(worker);
  const canvas = document.createElement('canvas');
  let stopped = false;
  const look = async (): Promise<void> => {
    const picture = pictureOf(video, canvas);
    if (picture) {
      const { data, width, height } = picture;
      const text = await decoder.decode(transfer(data, [data.buffer]), width, height);
      if (!stopped && text !== null) onText(text);
    }
    if (!stopped) setTimeout(again, LOOK_AFTER_MS);
  };
  const again = () => {
    // A picture that cannot be read is followed by the next one.
    look().catch(() => !stopped && setTimeout(again, LOOK_AFTER_MS));
  };
  again();
  return () => {
    stopped = true;
    decoder[releaseProxy]();
    worker.terminate();
  };
}
