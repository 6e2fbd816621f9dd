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

export type Launch = (profile: string) => Promise<BrowserContext>;

/** How many times slower the processor is for an opening. */
export const SLOWED = 4;
/** Tanks and pens of the house whose book is opened. */
export const TANKS = 50;
const PENS = 12;
/** Long enough for the earlier months to be here, and what the next opening may leave to be told, ms. */
const SETTLES_MS = 15_000;

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

async function opening(page: Page, url: string): Promise<Opened> {
  const slow = await page.context().newCDPSession(page);
  await slow.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  await page.goto(url);
  await page.waitForFunction(() => (globalThis as { usableMs?: number }).usableMs, undefined, {
    timeout: 120_000,
  });
  await page.waitForFunction(
    () => performance.getEntriesByName('first-contentful-paint').length > 0,
    undefined,
    { timeout: 30_000 },
  );
  const found = await page.evaluate(() => ({
    text: performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN,
    usable: (globalThis as { usableMs?: number }).usableMs!,
  }));
  await slow.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  return found;
}

/** A browser that notes when a screen of the app itself first stands there. */
async function browser(launch: Launch, profile: string): Promise<BrowserContext> {
  const context = await launch(profile);
  await context.addInitScript(() => {
    const look = () => {
      const isThere =
        !document.getElementById('frame') && document.getElementById('root')?.textContent;
      const page = globalThis as { usableMs?: number };
      if (isThere) page.usableMs ??= performance.now();
    };
    new MutationObserver(look).observe(document, { childList: true, subtree: true });
  });
  return context;
}

/** One browser with a profile of its own, and all its openings of one address. */
export class Visitor {
  readonly again: Opened[] = [];
  private readonly profile = mkdtempSync(join(tmpdir(), 'zolder-paint-'));
  private context!: BrowserContext;
  page!: Page;

  constructor(
    readonly name: string,
    private readonly url: string,
  ) {}

  /** The first visit; then long enough for all of the app to be kept. */
  async come(launch: Launch): Promise<Opened> {
    this.context = await browser(launch, this.profile);
    this.page = await this.context.newPage();
    const first = await opening(this.page, this.url);
    await this.page.waitForTimeout(6000);
    return first;
  }

  /** Fills the book; its first opening tells the next what it may leave. */
  async fill(packs: [string, string][]): Promise<void> {
    await this.page.goto(`${this.url}/health`);
    await fill(this.page, 'zolder', packs);
    await opening(this.page, this.url);
    await this.page.waitForTimeout(SETTLES_MS);
  }

  /** Once more; then nothing of it goes on beside the others. */
  async comeAgain(): Promise<void> {
    await this.page.goto('about:blank');
    await this.page.waitForTimeout(500);
    this.again.push(await opening(this.page, this.url));
    await this.page.goto('about:blank');
  }

  /** What page and worker hold once the earlier months are here as well, bytes. */
  async heap(): Promise<number> {
    await opening(this.page, this.url);
    await this.page.waitForTimeout(SETTLES_MS);
    return heapBytes(this.page);
  }

  async leave(): Promise<void> {
    await this.context.close();
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
