import type { Browser } from '@playwright/test';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

const WEB = '_expo/static/js/web';
const kB = (bytes: number) => `${(bytes / 1000).toFixed(1)} kB`;
const gzipped = (file: string) => gzipSync(readFileSync(file), { level: 9 }).length;

/** Gzipped size of the entry of an export. */
function entryOf(dist: string): number {
  const names = readdirSync(join(dist, WEB)).filter((name) => name.startsWith('entry-'));
  return gzipped(join(dist, WEB, names[0] ?? ''));
}

/** Gzipped size of all scripts a page of an export loads by its HTML. */
function htmlScriptsOf(dist: string): number {
  const html = readFileSync(join(dist, 'index.html'), 'utf8');
  const scripts = [...html.matchAll(/src="\/([^"]+\.js)"/g)].map((match) => match[1] ?? '');
  return scripts.reduce((sum, script) => sum + gzipped(join(dist, script)), 0);
}

/** Prints entry and page scripts beside an empty app on the same packages, with the limits. */
export async function benchSizes(url: string, launch: () => Promise<Browser>): Promise<void> {
  const empty = { entry: entryOf('.cache/empty-dist'), html: htmlScriptsOf('.cache/empty-dist') };
  const own = { entry: entryOf('dist'), html: htmlScriptsOf('dist') };
  const browser = await launch();
  const page = await browser.newPage();
  const scripts = new Set<string>();
  page.on('request', (request) => {
    const path = new URL(request.url()).pathname;
    if (path.endsWith('.js') && !path.includes('/worker-')) scripts.add(path);
  });
  await page.goto(url);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await browser.close();
  const round = [...scripts].reduce((sum, path) => sum + gzipped(join('dist', path)), 0);
  const chunks = readdirSync(join('dist', WEB)).filter((name) => name.endsWith('.js')).length;
  const ratio = (size: number, base: number) => `${(size / base).toFixed(2)} times`;
  console.log('\nScripts, gzip');
  console.log(`  empty app: entry ${kB(empty.entry)}, all its page loads ${kB(empty.html)}`);
  console.log(`  Zolder entry: ${kB(own.entry)}, ${ratio(own.entry, empty.entry)} (limit 1.25)`);
  console.log(`  with the shared chunk: ${kB(own.html)}, ${ratio(own.html, empty.html)}`);
  console.log(
    `  until the Round is usable, worker apart: ${kB(round)}, ${ratio(round, empty.html)} (limit 1.6)`,
  );
  console.log(`  chunks in the export: ${chunks}`);
}
