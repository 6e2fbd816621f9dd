/** What a folder needs to be served by any host under any path. */
import { copyFileSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './ensure.mjs';

/** Where the browser tests find the app built for a path, and the path. */
export const HOSTED = { base: '/a/zolder', out: '.cache/hosted-test' };

const policy = JSON.parse(readFileSync(join(ROOT, 'server/policy.json'), 'utf8'));
const said = (directives) =>
  Object.entries(directives)
    .map(([name, sources]) => `${name} ${sources.join(' ')}`)
    .join('; ');

const textFiles = (folder) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.(html|js)$/.test(name))
    .map((name) => join(folder, name));

/** Puts the path on the host wherever the export holds its place. */
function putBase(folder, base, from) {
  const place = new RegExp(`(["'\`])${from}(?=["'\`/$\\\\])`, 'g');
  for (const file of textFiles(folder)) {
    const text = readFileSync(file, 'utf8');
    const put = text.replace(place, `$1${base}`);
    if (put.includes(from)) throw new Error(`A place of the path is left in ${file}.`);
    if (put !== text) writeFileSync(file, put);
  }
}

/** Where the exporter puts the scripts. */
const SCRIPTS = '_expo/static/js/web';

/** The script of the book worker. */
function workerOf(folder) {
  const found = readdirSync(join(folder, SCRIPTS)).filter((name) => /^worker-.*\.js$/.test(name));
  if (found.length !== 1) throw new Error(`One worker is expected, not ${found.length}.`);
  return found[0];
}

/** The page itself: its addresses under the path, its policy before any script or style. */
function writePage(folder, base) {
  const file = join(folder, 'index.html');
  const html = readFileSync(file, 'utf8');
  const away = new RegExp(`(href|src)="/(?!/)(?!${base.slice(1)}/)`, 'g');
  const under = base === '' ? html : html.replace(away, `$1="${base}/`);
  const begun = under.replace(
    `<script src="${base}/boot.js">`,
    `<script src="${base}/boot.js" data-worker="${base}/${SCRIPTS}/${workerOf(folder)}">`,
  );
  const meta = `<meta http-equiv="Content-Security-Policy" content="${said(policy)}" />`;
  const held = begun.includes('http-equiv="Content-Security-Policy"');
  writeFileSync(file, held ? begun : begun.replace('<meta charset="utf-8" />', `$&\n    ${meta}`));
}

/** Headers for hosts that read such a file. Only a header can forbid frames. */
const headersFor = (base) => `${base}/*
  Content-Security-Policy: ${said({ ...policy, 'frame-ancestors': ["'none'"] })}
  X-Content-Type-Options: nosniff
  Referrer-Policy: no-referrer
  Cache-Control: no-cache
${base}/_expo/static/*
  Cache-Control: public, max-age=31536000, immutable
${base}/fonts/*
  Cache-Control: public, max-age=31536000, immutable
`;

/**
 * Makes an export ready for a host.
 * @param {string} folder the export
 * @param {{base: string, from: string}} about the path it lies under ('' at the root), and what stands for it so far
 */
export function writeForHost(folder, { base, from }) {
  if (from !== '') putBase(folder, base, from);
  writePage(folder, base);
  // A host without a rule for deep links answers them with this page.
  copyFileSync(join(folder, 'index.html'), join(folder, '404.html'));
  writeFileSync(join(folder, '_headers'), headersFor(base));
}
