import { chromium, type Browser, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { choose } from './bookFile';
import { madeBook } from './madeBook';
import { keepWorker } from './keepWorker';
import { heldIn } from './storage';

/** A browser with the process it runs in. */
interface Started {
  readonly browser: Browser;
  readonly process: ChildProcess;
}

/** A Chromium of our own that can be killed with everything it started. */
export async function startChromium(profile: string, tries = 3): Promise<Started> {
  const child = launch(profile);
  try {
    const address = await addressOf(child);
    return { browser: await chromium.connectOverCDP(address, { timeout: 15_000 }), process: child };
  } catch (error) {
    // A profile whose browser was killed is now and then slow to answer the test tool: once more.
    await kill(child);
    if (tries <= 1) throw error;
    return startChromium(profile, tries - 1);
  }
}

function launch(profile: string): ChildProcess {
  return spawn(
    process.env.ZOLDER_CHROMIUM ?? 'chromium',
    [
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      '--no-first-run',
      '--remote-debugging-port=0',
      `--user-data-dir=${profile}`,
    ],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  );
}

/** Where it listens for the test tool. */
function addressOf(child: ChildProcess): Promise<string> {
  return new Promise((resolve, reject) => {
    child.stderr?.on('data', (data) => {
      const found = /ws:\/\/\S+/.exec(String(data))?.[0];
      if (found) resolve(found);
    });
    child.on('exit', () => reject(new Error('Chromium ended before it was ready')));
  });
}

/** Kills it with everything it started, and waits until it is gone. */
export async function kill(child: ChildProcess): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return;
  const gone = new Promise((resolve) => child.once('exit', resolve));
  process.kill(-child.pid!, 'SIGKILL');
  await gone;
}

export const pageOf = (browser: Browser) => browser.contexts()[0]!.newPage();

/** What was told before a kill. */
export interface Told {
  /** Acts that the book acknowledged, each of three records. */
  readonly acknowledged: readonly string[];
  /** The first act after the acknowledged ones may be there or not, but whole. */
  readonly sent: readonly string[];
}

/** Within the worker: says when the first entry of a packing is removed, or the first pack is written. */
function tellStorage(): void {
  const { delete: remove, put } = IDBObjectStore.prototype;
  IDBObjectStore.prototype.delete = function told(this: IDBObjectStore, key) {
    if (String(key).startsWith('j/')) console.warn('storage: packing');
    return remove.call(this, key);
  };
  IDBObjectStore.prototype.put = function told(this: IDBObjectStore, value: unknown, key) {
    if (String(key).startsWith('p/')) console.warn('storage: pack written');
    return put.call(this, value, key);
  };
}

/** Writes acts of three records without end, as fast as the book takes them; tells each on the console. */
function writeWithoutEnd(): void {
  const worker = (window as unknown as { bookWorker: Worker }).bookWorker;
  const letters = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
  const newId = () =>
    '01' + Array.from({ length: 24 }, () => letters[Math.floor(Math.random() * 32)]).join('');
  const call = (path: string, values: readonly unknown[]) =>
    new Promise<void>((resolve, reject) => {
      const id = newId();
      worker.addEventListener('message', function listen({ data }) {
        if (data.id !== id) return;
        worker.removeEventListener('message', listen);
        if (data.type === 'HANDLER') reject(new Error(JSON.stringify(data.value)));
        else resolve();
      });
      const argumentList = values.map((value) => ({ type: 'RAW', value }));
      worker.postMessage({ id, type: 'APPLY', path: [path], argumentList });
    });
  const go = async () => {
    for (let at = 0; ; at += 1) {
      const act = newId();
      const changes = ['A', 'B', 'C'].map((letter) => ({
        kind: 'person',
        body: { initials: letter, name: act },
      }));
      console.warn(`sent: ${act}`);
      await call('append', [changes, { nowMs: Date.now(), zone: 'UTC' }, act]);
      console.warn(`acknowledged: ${act}`);
    }
  };
  go().catch((error: unknown) => console.warn(`failed: ${String(error)}`));
}

/** At what moment to kill: so long after the first act was sent, in the middle of a packing, or of an import. */
export type Moment = { readonly afterMs: number } | 'packing' | 'importing';

/** Opens the book in a browser of its own, lets it write, and kills it at the moment asked for. */
export async function writeAndKill(url: string, profile: string, moment: Moment): Promise<Told> {
  const { browser, process: child } = await startChromium(profile);
  const page = await pageOf(browser);
  const acknowledged: string[] = [];
  const sent: string[] = [];
  const killed = new Promise<void>((resolve) => {
    const end = () => {
      kill(child).then(resolve, resolve);
    };
    page.on('console', (message) => {
      const [what, told = ''] = message.text().split(': ');
      if (what === 'sent' && sent.length === 0 && typeof moment === 'object')
        setTimeout(end, moment.afterMs);
      if (what === 'sent') sent.push(told);
      if (what === 'acknowledged') acknowledged.push(told);
      if (what === 'storage' && told === 'packing' && moment === 'packing') end();
      if (what === 'storage' && told === 'pack written' && moment === 'importing') end();
    });
  });
  const ready = async () => {
    await page.addInitScript(keepWorker);
    await page.goto(url);
    await page.getByRole('heading', { level: 1 }).first().waitFor();
    if (moment === 'importing') await choose(page, madeBook({ readings: 4000 }).text);
    for (const worker of page.workers()) await worker.evaluate(tellStorage);
    if (moment === 'importing') await page.getByRole('button', { name: 'Take it in' }).click();
    else await page.evaluate(writeWithoutEnd);
  };
  // The kill may come while the page is still being made ready.
  await Promise.race([
    killed,
    ready().then(
      () => killed,
      () => killed,
    ),
  ]);
  return { acknowledged, sent };
}

/** What is wrong with a book after a kill; nothing, where all that was told is there and whole. */
export async function lossesIn(page: Page, told: Told): Promise<readonly string[]> {
  const counts = new Map<string, Set<string>>();
  const torn: string[] = [];
  let readings = 0;
  for (const [key, value] of await heldIn(page)) {
    if (!/^[jp]\//.test(key)) continue;
    const list = JSON.parse(String(value).split('\n')[1] ?? 'null') as
      { kind: string; revId: string; body: { name?: string } | null }[] | null;
    if (!list) torn.push(key);
    for (const { kind, revId, body } of list ?? []) {
      if (kind === 'reading') readings += 1;
      const act = body?.name ?? '';
      if (kind === 'person') counts.set(act, (counts.get(act) ?? new Set()).add(revId));
    }
  }
  const lost = told.acknowledged.filter((act) => !counts.has(act));
  const half = [...counts].filter(([, ids]) => ids.size !== 3).map(([act]) => act);
  return [
    ...torn.map((key) => `torn: ${key}`),
    ...lost.map((act) => `lost: ${act}`),
    ...half.map((act) => `half an act: ${act}`),
    ...(readings % 4000 === 0 ? [] : [`half an import: ${readings} readings`]),
  ];
}
