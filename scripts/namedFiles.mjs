/** Files and folders that a document names in backticks and that are not there. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './ensure.mjs';

const IS_NAMED = /^[\w@[.][\w@[\]./()-]*(\.(tsx?|mjs|cjs|json|html|css|js|md)|\/)$/;

/** Whether a path ends as it is named: `pens/fields/` and `point.ts` both stand for `src/features/pens/fields/point.ts`. */
const endsAs = (path, name) => `/${path}`.includes(name.endsWith('/') ? `/${name}` : `/${name}\n`);

/** What a document names and no path of `files` ends as, each with its line. */
export function missingIn(document, files) {
  const ended = files.map((file) => `${file}\n`);
  const lines = readFileSync(join(ROOT, document), 'utf8').split('\n');
  return lines.flatMap((line, at) =>
    [...line.matchAll(/`([^`]+)`/g)]
      .map(([, name]) => name)
      .filter((name) => IS_NAMED.test(name) && !ended.some((path) => endsAs(path, name)))
      .map((name) => `${document}:${at + 1}: ${name}`),
  );
}
