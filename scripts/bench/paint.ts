import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { median } from './measure';
import { packsOf, served, SLOWED, TANKS, Visitor, type Browsers, type Opened } from './visitor';

const FIRST_VISITS = 3;
const ROUNDS = 7;
const SIZES = [TANKS, 12_500, 50_000, 200_000] as const;

/** The empty app without the frame that the page of the same folder holds. */
function withoutFrame(folder: string): void {
  const file = join(folder, 'index.html');
  const html = readFileSync(file, 'utf8');
  const bare = html
    .replace(/<!-- frame -->[\s\S]*<!-- end of frame -->/, '')
    .replace(/<script src="\/boot.js"><\/script>/, '')
    .replace(/<link rel="preload" href="\/boot.js"[^>]*>/, '');
  if (bare.includes('id="frame"')) throw new Error('The empty app still shows the frame.');
  writeFileSync(file, bare);
}

const of = (list: readonly Opened[], what: keyof Opened) => median(list.map((one) => one[what]));

const ratio = (ms: number, to: number) => `${ms.toFixed(0)} ms, ${(ms / to).toFixed(2)} times`;

/** First visits, in turn, each in a browser of its own. */
async function benchFirst(browsers: Browsers, empty: string, own: string): Promise<void> {
  const bare: Opened[] = [];
  const fresh: Opened[] = [];
  for (let run = 0; run < FIRST_VISITS; run += 1)
    for (const [list, url] of [
      [bare, empty],
      [fresh, own],
    ] as const) {
      const visitor = new Visitor('', url, browsers);
      list.push(await visitor.come());
      await visitor.leave();
    }
  const base = of(bare, 'text');
  console.log(`  first visit, empty app: first text ${base.toFixed(0)} ms`);
  console.log(
    `  first visit, empty book: text ${ratio(of(fresh, 'text'), base)} (limit 0.5), usable ${ratio(of(fresh, 'usable'), base)}`,
  );
}

/** Second visits: every browser in turn, so that a machine that slows down slows all of them. */
async function benchAgain(
  browsers: Browsers,
  empty: string,
  own: string,
  sizes: readonly number[],
): Promise<void> {
  const bare = new Visitor('empty app', empty, browsers);
  const books = [0, ...sizes].map(
    (readings) =>
      new Visitor(readings === 0 ? 'empty book' : `${readings} readings`, own, browsers),
  );
  const all = [bare, ...books];
  for (const visitor of all) await visitor.come();
  for (const [at, readings] of sizes.entries()) await books[at + 1]!.fill(await packsOf(readings));
  for (let round = 0; round < ROUNDS; round += 1)
    for (const visitor of all) await visitor.comeAgain();
  const base = of(bare.again, 'text');
  console.log(`  again, empty app: first text ${base.toFixed(0)} ms`);
  for (const book of books) {
    const told = [
      `text ${ratio(of(book.again, 'text'), base)} (limit 0.5)`,
      `Round usable ${ratio(of(book.again, 'usable'), base)}`,
      `page and worker hold ${((await book.heap()) / 1e6).toFixed(0)} MB`,
    ];
    console.log(`  again, ${book.name}: ${told.join('; ')}`);
  }
  for (const visitor of all) await visitor.leave();
}

/** Prints first text and usable Round beside an empty app's first text, all with a slowed processor. */
export async function benchPaint(browsers: Browsers): Promise<void> {
  withoutFrame('.cache/empty-dist');
  const [empty, own] = await Promise.all([served('.cache/empty-dist'), served('dist')]);
  const only = process.argv.indexOf('--readings');
  try {
    console.log(`\nOpening, processor slowed ${SLOWED} times, medians`);
    await benchFirst(browsers, empty.url, own.url);
    await benchAgain(
      browsers,
      empty.url,
      own.url,
      only < 0 ? SIZES : [Number(process.argv[only + 1])],
    );
  } finally {
    empty.stop();
    own.stop();
  }
}
