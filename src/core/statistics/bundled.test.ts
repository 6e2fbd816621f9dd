import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import * as whole from 'simple-statistics';

/* The bundler takes only what scripts/simple-statistics.js names: whatever the source uses must stand there. */
test('all that is used of the statistics package is bundled', () => {
  const names = (text: string, pattern: RegExp) =>
    [...text.matchAll(pattern)].flatMap(([, list]) => list!.split(',').map((name) => name.trim()));
  const used = readdirSync(__dirname)
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .flatMap((name) =>
      names(
        readFileSync(join(__dirname, name), 'utf8'),
        /import \{([^}]+)\} from 'simple-statistics'/g,
      ),
    );
  const bundled = names(
    readFileSync(join(__dirname, '../../../scripts/simple-statistics.js'), 'utf8'),
    /default as (\w+)/g,
  );
  expect([...new Set(used)].sort()).toEqual([...bundled].sort());
  for (const name of bundled) expect(whole).toHaveProperty(name);
});
