import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

const ROOT = join(__dirname, '../..');

/** Every file of the app and the features. */
const sources = ['app', 'src/features']
  .flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' }).map((name) =>
      join(ROOT, folder, name),
    ),
  )
  .filter((path) => /\.tsx?$/.test(path));

/** What is asked of chunks, as "charts DoseCurve". */
const asked = sources.flatMap((path) =>
  [
    ...readFileSync(path, 'utf8').matchAll(
      /(?:chunkPart|fromChunk)(?:<[^(]*>)?\(\s*'(\w+)',\s*'(\w+)'/g,
    ),
  ].map(([, chunk, name]) => `${chunk} ${name}`),
);

/** What they hold. */
const held = readdirSync(__dirname)
  .filter((name) => name.endsWith('.ts') && !/test|provide/.test(name))
  .flatMap((name) =>
    [...readFileSync(join(__dirname, name), 'utf8').matchAll(/export \{ ([^}]+) \}/g)].flatMap(
      ([, names]) => names!.split(', ').map((one) => `${name.replace('.ts', '')} ${one}`),
    ),
  );

test('every part that is asked for is held by its chunk, and nothing else is', () => {
  expect(held.length).toBeGreaterThan(20);
  expect([...new Set(asked)].sort()).toEqual([...held].sort());
});
