import { readFileSync } from 'node:fs';
import { join } from 'node:path';

const FOLDER = join(__dirname, '../../node_modules/lucide-react-native/dist/esm/icons');

/** The drawing of an icon of the package the app uses, as SVG text with one stroke of `currentColor`. */
export function iconSvg(name: string, size: number): string {
  const source = readFileSync(join(FOLDER, `${name}.mjs`), 'utf8');
  const node = /node: (\[[\s\S]*?\n {2}\])/.exec(source)?.[1];
  if (!node) throw new RangeError(`no drawing of ${name}`);
  const parts = [...node.matchAll(/\[\s*"(\w+)",\s*\{([^}]*)\}/g)].map(
    ([, tag = '', told = '']) => {
      const kept = [...told.matchAll(/(\w+): "([^"]*)"/g)].filter(([, key]) => key !== 'key');
      return `<${tag} ${kept.map(([, key, value]) => `${key}="${value}"`).join(' ')}/>`;
    },
  );
  return `<svg width="${size}" height="${size}" viewBox="0 0 24 24">${parts.join('')}</svg>`;
}
