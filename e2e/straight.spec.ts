import { test, type Page } from '@playwright/test';
import { serve } from '../scripts/serve.mjs';
import { expect } from './support/expect';
import { frontOf } from './support/front';
import { expectHeading } from './support/grower';

test.use({ serviceWorkers: 'allow' });

/** Waits until the service worker answers for the page. */
async function kept(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    while (!navigator.serviceWorker.controller)
      await new Promise((resolve) =>
        navigator.serviceWorker.addEventListener('controllerchange', resolve, { once: true }),
      );
  });
}

const straightCopies = (page: Page) =>
  page.evaluate(async () => (await caches.keys()).filter((name) => name.startsWith('straight-')));

/** What answered for the page and the scripts it names: a cache by itself, or else. */
const answeredBy = (page: Page) =>
  page.evaluate(() =>
    performance
      .getEntries()
      .filter(({ name, entryType }) => entryType === 'navigation' || /static\/js/.test(name))
      .filter(({ name }) => !/worker-/.test(name))
      .map((entry) => {
        const { workerFinalSourceType, workerFinalRouterSource } = entry as unknown as Record<
          string,
          string | undefined
        >;
        return workerFinalSourceType ?? workerFinalRouterSource ?? 'unknown';
      }),
  );

test('with the server stopped the page and its scripts come straight from what is kept', async ({
  page,
}) => {
  const server = await serve({ own: true });
  await page.goto(server.url);
  await kept(page);
  expect(await straightCopies(page)).toHaveLength(1);
  server.stop();
  await page.goto(`${server.url}/`);
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  const answers = await answeredBy(page);
  expect(answers.length).toBeGreaterThan(2);
  expect(new Set(answers)).toEqual(new Set(['cache']));
  // Any other address, and this one with a question behind it, is the worker's to answer.
  await page.goto(`${server.url}/?from=elsewhere`);
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await page.goto(`${server.url}/shelf/new`);
  await expectHeading(page, 'A new lot');
});

test('a page that is not of the worker’s version is not kept, and all opens without the server', async ({
  page,
}) => {
  const server = await serve({ own: true });
  const front = await frontOf(server.url, (path, body) =>
    path === '/' ? { body: body.toString().replaceAll('/entry-', '/other-') } : undefined,
  );
  try {
    await page.goto(`${front.url}/shelf`);
    await kept(page);
    expect(await straightCopies(page)).toEqual([]);
  } finally {
    front.stop();
    server.stop();
  }
  await page.goto(front.url);
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await page.goto(`${front.url}/shelf/new`);
  await expectHeading(page, 'A new lot');
});
