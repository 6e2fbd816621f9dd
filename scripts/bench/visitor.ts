import type { BrowserContext, Page } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeApp } from '../../server/app';
import { compactJournal } from '../../src/records/storage/compact';
import { journalKey } from '../../src/records/storage/journal';
import { memoryStorage } from '../../src/records/storage/memory';
import { encodePack } from '../../src/records/storage/packs';
import { houseBook } from './houseBook';
import { heapBytes } from './heap';
import { fill } from './madeBook';
import { sleep } from './measure';
import { PlainPage } from './plainPage';

type Launch = (profile: string) => Promise<BrowserContext>;

/** How many times slower the processor is for an opening. */
export const SLOWED = 4;
/** Tanks and pens of the house whose book is opened. */
export const TANKS = 50;
const PENS = 12;
/** Long enough for the earlier months to be here, and what the next opening may leave to be told, ms. */
const SETTLES_MS = 15_000;
/** Long enough for all of the app to be kept, ms. */
const KEPT_MS = 6_000;

/** Serves a built app; `stop` ends it. */
export function served(dist: string): Promise<{ url: string; stop: () => void }> {
  return new Promise((resolve) => {
    const server = makeApp({ dist, start: 'own' }).listen(0, () => {
      const { port } = server.address() as AddressInfo;
      resolve({
        url: `http://localhost:${port}`,
        stop: () => {
          server.close();
          server.closeAllConnections();
        },
      });
    });
  });
}

/** One opening, ms of the page's own clock: its first text, and the Round that can be used. */
export interface Opened {
  readonly text: number;
  readonly usable: number;
}

/** Notes when a screen of the app itself first stands there. */
const NOTE_USABLE = `(() => {
  const look = () => {
    const root = document.getElementById('root');
    if (!document.getElementById('frame') && root?.textContent) globalThis.usableMs ??= performance.now();
  };
  new MutationObserver(look).observe(document, { childList: true, subtree: true });
})()`;

const FIRST_TEXT = "performance.getEntriesByName('first-contentful-paint')[0]?.startTime";

async function opening(page: PlainPage, url: string): Promise<Opened> {
  await page.slow(SLOWED);
  await page.go(url);
  const usable = Number(await page.until('globalThis.usableMs'));
  const text = Number(await page.until(FIRST_TEXT));
  await page.slow(1);
  return { text, usable };
}

/** How browsers are opened: by the test runner, or plainly. */
export interface Browsers {
  readonly launch: Launch;
  readonly executable: string;
}

/** One browser with a profile of its own, and all its openings of one address. */
export class Visitor {
  readonly again: Opened[] = [];
  private readonly profile = mkdtempSync(join(tmpdir(), 'zolder-paint-'));
  private plain: PlainPage | undefined;
  private context: BrowserContext | undefined;

  constructor(
    readonly name: string,
    private readonly url: string,
    private readonly browsers: Browsers,
  ) {}

  /** The page, driven plainly. */
  async page(): Promise<PlainPage> {
    await this.close();
    this.plain = await PlainPage.open(this.browsers.executable, this.profile, NOTE_USABLE);
    return this.plain;
  }

  /** The page, driven by the test runner. */
  async runnersPage(): Promise<Page> {
    await this.close();
    this.context = await this.browsers.launch(this.profile);
    return this.context.newPage();
  }

  /** The first visit; then long enough for all of the app to be kept. */
  async come(): Promise<Opened> {
    const first = await opening(await this.page(), this.url);
    await sleep(KEPT_MS);
    return first;
  }

  /** Fills the book; its first opening tells the next what it may leave. */
  async fill(packs: [string, string][]): Promise<void> {
    const page = await this.runnersPage();
    await page.goto(`${this.url}/health`);
    await fill(page, 'zolder', packs);
    await page.goto(this.url);
    await page.waitForTimeout(SETTLES_MS);
    // What the browser has compiled by now is kept once the page was opened twice.
    await opening(await this.page(), this.url);
    await sleep(SETTLES_MS);
  }

  /** Once more; then nothing of it goes on beside the others. */
  async comeAgain(): Promise<void> {
    const page = this.plain ?? (await this.page());
    await page.go('about:blank');
    await sleep(500);
    this.again.push(await opening(page, this.url));
    await page.go('about:blank');
  }

  /** What page and worker hold once the earlier months are here as well, bytes. */
  async heap(): Promise<number> {
    const page = await this.runnersPage();
    await page.goto(this.url);
    await page.waitForTimeout(SETTLES_MS);
    return heapBytes(page);
  }

  private async close(): Promise<void> {
    await this.plain?.close();
    await this.context?.close();
    this.plain = undefined;
    this.context = undefined;
  }

  async leave(): Promise<void> {
    await this.close();
    rmSync(this.profile, { recursive: true, force: true });
  }
}

/** The packs of a house's book. */
export async function packsOf(readings: number): Promise<[string, string][]> {
  const house = houseBook({
    tanks: TANKS,
    pens: PENS,
    readingsEach: readings / TANKS,
    endMs: Date.now(),
  });
  const held = new Map(house.revisions.map((r) => [journalKey(r, 'bench'), encodePack([r])]));
  await compactJournal(memoryStorage(held));
  return [...held];
}
