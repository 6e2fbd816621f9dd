/** Copies the shipped type into public/: nothing is fetched at run time. */
import { copyFileSync, mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const LATIN =
  'U+0000-00FF,U+0131,U+0152-0153,U+02BB-02BC,U+02C6,U+02DA,U+02DC,U+2000-206F,U+20AC,U+2122,U+2190-2193,U+2212,U+2215,U+FEFF,U+FFFD';
const LATIN_EXT =
  'U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+1E00-1E9F,U+1EF2-1EFF,U+20A0-20AB,U+2C60-2C7F,U+A720-A7FF';

// Zilla Slab has old-style figures: without U+0030-0039 its numbers come from the next face.
const LATIN_NO_DIGITS = LATIN.replace('U+0000-00FF', 'U+0000-002F,U+003A-00FF');

const FACES = [
  [
    'Atkinson Next',
    '@fontsource-variable/atkinson-hyperlegible-next',
    'atkinson-hyperlegible-next',
    'wght-normal',
    '200 800',
  ],
  [
    'Atkinson Mono',
    '@fontsource-variable/atkinson-hyperlegible-mono',
    'atkinson-hyperlegible-mono',
    'wght-normal',
    '200 800',
  ],
  ['Zilla Slab', '@fontsource/zilla-slab', 'zilla-slab', '600-normal', '600'],
];

export function copyFonts(root) {
  const folder = join(root, 'public/fonts');
  mkdirSync(folder, { recursive: true });
  const rules = FACES.flatMap(([family, pkg, base, style, weight]) =>
    [
      ['latin', LATIN],
      ['latin-ext', LATIN_EXT],
    ].map(([subset, range]) => {
      const file = `${base}-${subset}-${style}.woff2`;
      copyFileSync(join(root, 'node_modules', pkg, 'files', file), join(folder, file));
      return `@font-face{font-family:'${family}';font-style:normal;font-weight:${weight};font-display:block;src:url(fonts/${file}) format('woff2');unicode-range:${family === 'Zilla Slab' && range === LATIN ? LATIN_NO_DIGITS : range}}`;
    }),
  );
  writeFileSync(join(root, 'public/fonts.css'), `${rules.join('\n')}\n`);
}
