import { BookState } from '../../src/book/engine/bookState';
import { earlierSchema, tellEarlier } from '../../src/book/engine/earlierReadings';
import { ledgerAnswer } from '../../src/book/engine/ledgerAnswer';
import { lookBackAnswer } from '../../src/book/engine/lookBackAnswer';
import { roundAnswer } from '../../src/book/engine/roundAnswer';
import { tankHistoryAnswer } from '../../src/book/engine/tankAnswers';
import { bundleLines, readBundleFile } from '../../src/interchange/bundle';
import { eventMs } from '../../src/records';
import { houseBook } from './houseBook';

const TANKS = 50;
const PENS = 12;
const SIZES = [12_500, 50_000, 200_000] as const;
const DAY_MS = 86_400_000;

async function took(work: () => unknown): Promise<number> {
  const started = performance.now();
  await work();
  return performance.now() - started;
}

type House = ReturnType<typeof houseBook>;

/** The book opened without its earlier readings, and its first Round. */
async function openedInPart({ revisions }: House, nowMs: number): Promise<number> {
  const whole = new BookState();
  whole.setNow(nowMs);
  whole.apply(revisions);
  const now = new Date(nowMs - 62 * DAY_MS);
  const beforeMs = Date.UTC(now.getUTCFullYear(), now.getUTCMonth());
  const isLeft = (at: number) => at < beforeMs;
  const { told, copies } = tellEarlier(
    {
      records: new Map(whole.idsOf('reading').map((id) => [id, whole.revisionsOf(id)])),
      standing: whole.all('reading'),
      hidden: [],
      inJournal: new Set(),
      packed: revisions.filter((one) => one.kind === 'reading' && isLeft(eventMs(one))).length,
    },
    { beforeMs },
  );
  const here = [
    ...revisions.filter((one) => one.kind !== 'reading' || !isLeft(eventMs(one))),
    ...copies,
  ];
  const text = JSON.stringify(here);
  const toldText = JSON.stringify(told);
  return took(() => {
    const book = new BookState();
    book.leave(earlierSchema.parse(JSON.parse(toldText)));
    book.setNow(nowMs);
    book.apply(JSON.parse(text) as typeof here);
    roundAnswer(book, { nowMs });
  });
}

/** What each thing costs in a book of one size, ms. */
async function costs(readings: number): Promise<Readonly<Record<string, number>>> {
  const nowMs = Math.floor(Date.now() / 60_000) * 60_000;
  const house = houseBook({
    tanks: TANKS,
    pens: PENS,
    readingsEach: readings / TANKS,
    endMs: nowMs,
  });
  const inPart = await openedInPart(house, nowMs);
  const book = new BookState();
  book.setNow(nowMs);
  const applied = await took(() => book.apply(house.revisions));
  const [tank, pen] = [house.tankIds[3]!, house.penIds[3]!];
  roundAnswer(book, { nowMs });
  const history = await took(() => tankHistoryAnswer(book, tank));
  const lookBack = await took(() => lookBackAnswer(book, { penId: pen, quantity: 'ec' }));
  ledgerAnswer(book, {}, { skip: 0, count: 100 });
  const filter = await took(() =>
    ledgerAnswer(book, { words: 'p3 tank 7' }, { skip: 0, count: 100 }),
  );
  const bare = await took(() => JSON.parse(JSON.stringify(house.revisions)));
  let file = new Blob();
  const written = await took(async () => {
    const lines: string[] = [];
    for await (const line of bundleLines(house.revisions, [])) lines.push(`${line}\n`);
    file = new Blob(lines);
  });
  const readBack = await took(() => readBundleFile(file, { countOnly: true }));
  const read = await took(() => readBundleFile(file));
  return {
    'opened in part, and its Round': inPart,
    'all taken in': applied,
    'a tank’s history': history,
    'a look-back': lookBack,
    'a filter of the Book': filter,
    'a file written and read back': written + readBack,
    'a file read to be taken in': read,
    'bare JSON of the same': bare,
  };
}

/** Prints what grows with the book, and how: the exponent between sizes, 1 is in proportion. */
export async function benchGrowth(): Promise<void> {
  const all: Readonly<Record<string, number>>[] = [];
  for (const readings of SIZES) all.push(await costs(readings));
  console.log(`\n${SIZES.join(' → ')} readings, ms, and the exponent of each step`);
  for (const name of Object.keys(all[0]!)) {
    const times = all.map((one) => one[name]!);
    const steps = times
      .slice(1)
      .map((ms, at) =>
        (Math.log(ms / times[at]!) / Math.log(SIZES[at + 1]! / SIZES[at]!)).toFixed(2),
      );
    console.log(`  ${name}: ${times.map((ms) => ms.toFixed(0)).join(' → ')}; ${steps.join(', ')}`);
  }
}
