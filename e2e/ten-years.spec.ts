import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { expectHeading, goTo, ownUrl, press } from './support/grower';
import { keysHeld, largeBook } from './support/largeBook';
import { heldIn, meddle } from './support/storage';

test.setTimeout(120_000);

/** Where a press takes longer than this, a thumb feels it, ms. */
const FELT_MS = 50;

test('a large book opens without its earlier months; what they hold is there when it is asked for', async ({
  page,
}) => {
  await largeBook(page);
  const early = (await keysHeld(page)).filter((key) => key.startsWith('p/reading/')).sort()[0]!;
  const text = String((await heldIn(page)).find(([key]) => key === early)?.[1]);
  // Damaged behind the back of the app: who reads it tells of it.
  await meddle(page, [[early, `${text} `]]);
  await page.goto(`${ownUrl()}/pens`);
  await expectHeading(page, 'Pens');
  await expect(page.getByText(/Could not be read/)).toHaveCount(0);
  await goTo(page, 'Book');
  await expectHeading(page, 'Book');
  await expect(page.getByText(/Could not be read: \d+ readings/)).toBeVisible();
  await meddle(page, [[early, text]]);
  await page.goto(`${ownUrl()}/book`);
  await expectHeading(page, 'Book');
  await expect(page.getByText(/Could not be read/)).toHaveCount(0);
});

test('a large book is made into a file: how far it is, stopped by a press, made all the same after', async ({
  page,
}) => {
  await largeBook(page);
  await page.goto(`${ownUrl()}/book-file`);
  const save = page.getByRole('button', { name: 'Save the book as a file' });
  await save.click();
  await expect(page.getByText(/^Making the file and reading it back: \d+\s%$/)).toBeVisible();
  await press(page, 'Stop');
  await expect(page.getByText(/^Making the file/)).toHaveCount(0);
  await expect(save).toBeEnabled();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await save.click();
  await expect(page.getByText(/^File made and read back/)).toBeVisible();
});

/** The page's longest task while something is done and for a moment after, ms. */
async function longestTask(page: Page, act: () => Promise<void>): Promise<number> {
  await page.evaluate(() => {
    const held = globalThis as { longest?: number; watch?: PerformanceObserver };
    held.longest = 0;
    held.watch?.disconnect();
    held.watch = new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries())
        held.longest = Math.max(held.longest ?? 0, duration);
    });
    held.watch.observe({ entryTypes: ['longtask'] });
  });
  await act();
  await page.waitForTimeout(400);
  return page.evaluate(() => (globalThis as { longest?: number }).longest ?? 0);
}

test('no press on a large book makes the page stand still', async ({ page }) => {
  await largeBook(page);
  const to = (place: string) => async () => {
    await goTo(page, place);
    await expectHeading(page, place);
  };
  const walk: readonly (readonly [string, () => Promise<void>])[] = [
    ['Tanks', to('Tanks')],
    ['Pens', to('Pens')],
    [
      'a pen',
      async () => {
        await page.getByRole('link', { name: /P3/ }).first().click();
        await expectHeading(page, /^P3/);
      },
    ],
    ['Book', to('Book')],
    [
      'Round',
      async () => {
        await goTo(page, 'Round');
        await expect(page.getByText(/of \d+ stops done/)).toBeVisible();
      },
    ],
  ];
  const least = new Map<string, number>();
  // Another program may take the processor for a moment: the quickest of four counts.
  for (let round = 0; round < 4; round += 1)
    for (const [name, act] of walk)
      least.set(name, Math.min(least.get(name) ?? Infinity, await longestTask(page, act)));
  const felt = [...least].filter(([, ms]) => ms > FELT_MS);
  expect(felt).toEqual([]);
});
