/** How much of the code is tests, their own kits included: a quarter to a third is the measure. */
import { readFileSync, readdirSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';

const FOLDERS = ['app', 'src', 'server', 'scripts', 'e2e'];

function sources(place) {
  if (statSync(place).isFile()) return /\.(ts|tsx|mjs|js|cjs)$/.test(place) ? [place] : [];
  return readdirSync(place).flatMap((name) => sources(join(place, name)));
}

export function printShare(root) {
  let code = 0;
  let tests = 0;
  for (const file of FOLDERS.flatMap((folder) => sources(join(root, folder)))) {
    const lines = readFileSync(file, 'utf8')
      .split('\n')
      .filter((line) => line.trim() !== '').length;
    if (/\.test\.|^e2e\/|\/testing\//.test(relative(root, file).replaceAll('\\', '/')))
      tests += lines;
    else code += lines;
  }
  const share = Math.round((100 * tests) / (code + tests));
  console.log(`\nTests are ${share} % of the code (${tests} of ${code + tests} lines).`);
}
