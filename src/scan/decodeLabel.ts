import { expose } from 'comlink';
import decodeQR from 'qr/decode.js';

/** Finds codes in pictures of a camera, beside the page: a slow phone stays quick under the thumb. */
const decoder = {
  /** The text of the code in a picture (RGBA, row by row); null where none was found. */
  decode(data: Uint8ClampedArray, width: number, height: number): string | null {
    try {
      return decodeQR({ data, width, height });
    } catch {
      return null;
    }
  },
};

export type LabelDecoder = typeof decoder;

expose(decoder);
