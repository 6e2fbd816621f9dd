import { writeFileSync } from 'node:fs';
import { encode } from 'uqr';

const SIDE = 480;

/** A camera that sees one code on white paper: a film of a few equal pictures, in grey. */
export function filmOf(text: string, file: string): void {
  const { data, size } = encode(text, { ecc: 'M', border: 4 });
  const square = Math.floor((SIDE * 0.7) / size);
  const from = Math.floor((SIDE - square * size) / 2);
  const luma = Buffer.alloc(SIDE * SIDE, 235);
  data.forEach((row, y) =>
    row.forEach((isDark, x) => {
      if (!isDark) return;
      for (let line = 0; line < square; line += 1) {
        const at = (from + y * square + line) * SIDE + from + x * square;
        luma.fill(16, at, at + square);
      }
    }),
  );
  const chroma = Buffer.alloc((SIDE * SIDE) / 2, 128);
  const frame = Buffer.concat([Buffer.from('FRAME\n'), luma, chroma]);
  const head = Buffer.from(`YUV4MPEG2 W${SIDE} H${SIDE} F10:1 Ip A1:1 C420jpeg\n`);
  writeFileSync(file, Buffer.concat([head, ...Array.from({ length: 5 }, () => frame)]));
}
