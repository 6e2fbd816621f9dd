import { test, type Page } from '@playwright/test';
import { expect, seen } from './support/expect';
import { addPen, addTank, demoUrl, ownUrl } from './support/grower';

const SCRIPTS = /_expo\/static\/js\/web\/(entry|__)/;
const SIZES = [
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
] as const;

/** A move of the page's layout, as the browser measures it. */
interface Shift {
  readonly value: number;
}

/** Holds the app's scripts back; answers how to let them come. */
async function hold(page: Page): Promise<() => Promise<void>> {
  let release = () => undefined as void;
  const released = new Promise<void>((resolve) => (release = resolve));
  await page.route(SCRIPTS, async (route) => {
    await released;
    await route.continue();
  });
  return async () => release();
}

/** Lets the test look into the frame, which nothing else of the page can. */
const openFrame = (page: Page) =>
  page.addInitScript(() => {
    const attach = Element.prototype.attachShadow;
    Element.prototype.attachShadow = function () {
      return attach.call(this, { mode: 'open' });
    };
  });

/** The page's picture without what stands between head and places. */
async function frameOf(page: Page): Promise<Buffer> {
  const { width, height } = page.viewportSize()!;
  const wide = width >= 900;
  const clips = wide
    ? [
        { x: 0, y: 0, width: 88, height },
        { x: 88, y: 0, width: width - 88, height: 49 },
      ]
    : [
        { x: 0, y: 0, width, height: 49 },
        { x: 0, y: height - 64, width, height: 64 },
      ];
  const parts = [];
  for (const clip of clips) parts.push(await page.screenshot({ clip }));
  return Buffer.concat(parts);
}

for (const viewport of SIZES) {
  for (const theme of ['day', 'lightsOut'] as const) {
    test(`head and places stand before the app, as the app draws them: ${viewport.width}, ${theme}`, async ({
      page,
    }) => {
      await page.setViewportSize(viewport);
      await page.goto(ownUrl());
      await seen(page.getByRole('heading', { level: 1 }));
      if (theme === 'lightsOut') await page.getByRole('switch', { name: 'Lights-out' }).click();
      await expect
        .poll(() => page.evaluate(() => localStorage.getItem('zolder-look')))
        .toContain(theme);
      const drawn = await frameOf(page);
      const release = await hold(page);
      await page.reload({ waitUntil: 'commit' });
      await expect
        .poll(() => page.evaluate(() => performance.getEntriesByType('paint').length))
        .toBe(2);
      expect(await page.evaluate(() => document.getElementById('root')?.childElementCount)).toBe(0);
      expect((await frameOf(page)).equals(drawn)).toBe(true);
      await release();
      await seen(page.getByRole('heading', { level: 1 }));
      await expect(page.locator('#frame')).toHaveCount(0);
    });
  }
}

test('the Round as last drawn stands before the app, with its age, and nothing moves when the true one comes', async ({
  page,
}) => {
  await openFrame(page);
  await page.goto(ownUrl());
  await addTank(page, 'Deep bed', 'basil');
  await page.getByRole('link', { name: 'Round', exact: true }).click();
  const headline = page.getByRole('heading', { level: 1 });
  await seen(headline);
  const said = await headline.innerText();
  const held = () => page.evaluate(() => localStorage.getItem('zolder-round'));
  await expect.poll(held).toContain('Deep bed');
  expect((await held())!.length).toBeLessThanOrEqual(10_000);

  const release = await hold(page);
  await page.reload({ waitUntil: 'commit' });
  const frame = page.locator('#frame');
  await expect(frame.getByText(said)).toBeVisible();
  await expect(frame.getByText(/^As it stood on \w+ \d+ \w+ at \d\d:\d\d\./)).toBeVisible();
  const before = await frame.getByText(said).boundingBox();
  await release();
  await expect(page.locator('#frame')).toHaveCount(0);
  expect(await headline.boundingBox()).toEqual(before);
  const moved = await page.evaluate(async () => {
    const shifts: number[] = [];
    const seenShifts = new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) shifts.push((entry as unknown as Shift).value);
    });
    seenShifts.observe({ type: 'layout-shift', buffered: true });
    await new Promise((resolve) => setTimeout(resolve, 200));
    return shifts.reduce((sum, value) => sum + value, 0);
  });
  expect(moved).toBeLessThan(0.01);
});

test('a press before the app is there is not lost: a stop, the next stop, a place, the last one pressed', async ({
  page,
}) => {
  await openFrame(page);
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  await addTank(page, 'Deep bed', 'basil');
  await addTank(page, 'Long trough', 'mint');
  await page.getByRole('link', { name: 'Round', exact: true }).click();
  await seen(page.getByRole('heading', { level: 1 }));
  await expect
    .poll(() => page.evaluate(() => localStorage.getItem('zolder-round')))
    .toContain('Long trough');
  const frame = page.locator('#frame');
  const openedWith = async (heading: string, ...presses: readonly string[]) => {
    const release = await hold(page);
    await page.goto(ownUrl(), { waitUntil: 'commit' });
    await expect(frame.getByText('Long trough')).toBeVisible();
    for (const text of presses) await frame.getByText(text).first().click();
    await expect(frame.locator('.pressed')).toHaveCount(1);
    await expect(
      frame.getByText(/^As it stood on .+ Opening the book… What you pressed comes next\.$/),
    ).toBeVisible();
    await release();
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeVisible();
    await expect(frame).toHaveCount(0);
  };
  await openedWith('Read · Long trough', 'Long trough');
  // Back leads to the Round, as after any press.
  await page.goBack();
  await seen(page.getByText(/stops done/));
  await openedWith('Check P1', 'Next: check P1');
  await openedWith('Read which tank?', 'Read another tank or place');
  await openedWith('Shelf', 'Deep bed', 'Tanks', 'Shelf');
});

test('without JavaScript the page says what it needs, and nothing lies over it', async ({
  browser,
}) => {
  const context = await browser.newContext({ javaScriptEnabled: false });
  const page = await context.newPage();
  await page.goto(ownUrl());
  await expect(page.locator('noscript')).toBeVisible();
  await expect(page.locator('#frame')).toBeHidden();
  await context.close();
});

test('a kept Round is never shown over the demo, on another path, or where it cannot be read', async ({
  page,
}) => {
  await openFrame(page);
  const keep = (book: string, round: string) =>
    page.evaluate(
      ([look, kept]) => {
        localStorage.setItem('zolder-look', look!);
        localStorage.setItem('zolder-round', kept!);
      },
      [JSON.stringify({ theme: 'day', textScale: 1, book }), round],
    );
  const round = JSON.stringify({
    html: '<p>Kept line</p>',
    css: '',
    told: 'As it stood',
    wide: false,
    textScale: 1,
  });
  await page.goto(`${demoUrl()}/health`);
  const release = await hold(page);
  const frame = page.locator('#frame');
  for (const { book, path, kept, shown } of [
    { book: 'demo', path: '/', kept: round, shown: false },
    { book: 'own', path: '/tanks', kept: round, shown: false },
    { book: 'own', path: '/', kept: '{"html":', shown: false },
    { book: 'own', path: '/', kept: '{"wide":false,"textScale":1}', shown: false },
    { book: 'own', path: '/', kept: round, shown: true },
  ]) {
    await keep(book, kept);
    await page.goto(`${demoUrl()}${path}`, { waitUntil: 'commit' });
    await expect(frame.locator('.here')).toHaveText(path === '/' ? /Round/ : /Tanks/);
    await expect(frame.getByText('Kept line')).toHaveCount(shown ? 1 : 0);
    await expect(frame.locator('.rows')).toHaveCount(shown ? 0 : 1);
  }
  await release();
  await seen(page.getByRole('heading', { level: 1 }));
});

test('while the book does not open the app lays no rows of its own over the frame', async ({
  page,
}) => {
  await page.route(/worker-[0-9a-f]{32}\.js/, () => undefined);
  await page.goto(ownUrl());
  const opening = page.getByRole('status', { name: 'Opening the book' });
  await expect.poll(() => opening.count()).toBe(1);
  await page.waitForTimeout(600);
  expect(await opening.locator('> *').count()).toBe(0);
  expect(await page.evaluate(() => document.getElementById('frame') !== null)).toBe(true);
});
