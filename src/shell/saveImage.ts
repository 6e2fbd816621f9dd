import { saveBlob } from './saveBlob';

/** Drawn twice as large, so that a print stays sharp. */
const SCALE = 2;

/** Saves an SVG drawing as it is. */
export function saveSvg(name: string, svg: string): void {
  saveBlob(`${name}.svg`, new Blob([svg], { type: 'image/svg+xml' }));
}

/** Saves the same drawing as pixels. Rejects when the browser cannot draw it. */
export async function savePng(name: string, svg: string): Promise<void> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = SCALE * image.width;
  canvas.height = SCALE * image.height;
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (!blob) throw new Error('The browser could not draw the picture.');
  saveBlob(`${name}.png`, blob);
}
