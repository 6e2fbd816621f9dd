import type { Browser, Page } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { serveExchange } from '../../scripts/serve.mjs';
import { expect } from './expect';
import { expectHeading, goTo, press } from './grower';

/** A house whose browsers share one book; it may be stopped and come back at the same address. */
export async function startExchange() {
  const folder = mkdtempSync(join(tmpdir(), 'zolder-exchange-'));
  let server = await serveExchange(folder);
  const { url } = server;
  const { port } = new URL(url);
  return {
    url,
    folder,
    /** The code that the computer shows now. */
    async code(): Promise<string> {
      const told = (await (await fetch(`${url}/house/exchange`)).json()) as { code?: string };
      return told.code ?? '';
    },
    async away(): Promise<void> {
      server.stop();
      await server.gone;
    },
    async back(): Promise<void> {
      server = await serveExchange(folder, Number(port));
    },
    async end(): Promise<void> {
      server.stop();
      await server.gone;
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

export type ExchangeHouse = Awaited<ReturnType<typeof startExchange>>;

/** Opens Zolder in a browser of its own. */
export async function aPhone(browser: Browser, { url }: ExchangeHouse): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  await page.goto(url);
  await expectHeading(page, 'Your round starts here.');
  return page;
}

export async function openTogether(page: Page): Promise<void> {
  await goTo(page, 'Settings');
  await press(page, 'Together');
  await expectHeading(page, 'Together');
}

/** Pairs a phone by the code that the computer shows. */
export async function pair(
  page: Page,
  house: Pick<ExchangeHouse, 'code'>,
  name: string,
): Promise<void> {
  await openTogether(page);
  await page.getByLabel('Name of this device').fill(name);
  await page.getByLabel('Code the computer shows').fill(await house.code());
  await press(page, 'Pair this device');
  await expect(page.getByText(/^Met the house just now; nothing waiting\.$/)).toBeVisible();
}
