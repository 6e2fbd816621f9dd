import { test, type CDPSession, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { demoUrl, goTo } from './support/grower';

test.use({ hasTouch: true });

type Finger = { readonly x: number; readonly y: number };

/** Moves fingers from where they are put down to where they are lifted, as a touch screen tells it. */
async function gesture(cdp: CDPSession, from: readonly Finger[], to: readonly Finger[]) {
  const points = (share: number) =>
    from.map(({ x, y }, id) => ({
      x: x + share * (to[id]!.x - x),
      y: y + share * (to[id]!.y - y),
      id,
    }));
  await cdp.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: points(0) });
  for (let step = 1; step <= 8; step += 1) {
    await cdp.send('Input.dispatchTouchEvent', {
      type: 'touchMove',
      touchPoints: points(step / 8),
    });
  }
  await cdp.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
}

/** How many readings the pH strip says it shows. */
async function readingsShown(page: Page): Promise<number> {
  const strip = page.getByRole('img', { name: /^pH of Gerbera bench/ });
  return Number(/(\d+) readings/.exec((await strip.getAttribute('aria-label')) ?? '')?.[1]);
}

/** What `read` says once it says the same for half a second: a slow page draws on after the fingers are lifted. */
async function atRest<T>(read: () => Promise<T>): Promise<T> {
  let [last, same] = [await read(), 0];
  await expect(async () => {
    const now = await read();
    same = now === last ? same + 1 : 0;
    last = now;
    expect(same).toBeGreaterThanOrEqual(5);
  }).toPass({ intervals: [100] });
  return last;
}

test('a pinch scales the history, a drag moves it, a drag down scrolls the page', async ({
  page,
}) => {
  await page.goto(demoUrl());
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Gerbera bench.*Open/ }).click();
  const strip = page.getByRole('img', { name: /^pH of Gerbera bench/ });
  await strip.scrollIntoViewIfNeeded();
  const fourWeeks = await readingsShown(page);
  await page.getByRole('radio', { name: 'All', exact: true }).click();
  await expect.poll(() => readingsShown(page)).toBeGreaterThan(fourWeeks);
  const all = await atRest(() => readingsShown(page));
  const box = (await strip.boundingBox())!;
  const y = box.y + box.height / 2;
  const middle = box.x + box.width / 2;
  const cdp = await page.context().newCDPSession(page);
  await gesture(
    cdp,
    [
      { x: middle - 20, y },
      { x: middle + 20, y },
    ],
    [
      { x: middle - 100, y },
      { x: middle + 100, y },
    ],
  );
  // Fingers five times as far apart show a fifth of the time.
  await expect.poll(() => readingsShown(page)).toBeLessThan(0.35 * all);
  const pinched = await atRest(() => readingsShown(page));
  expect(pinched).toBeGreaterThan(0.1 * all);
  const axis = () => page.getByRole('group', { name: /^History of Gerbera bench/ }).textContent();
  const before = await atRest(axis);
  await gesture(cdp, [{ x: middle - 60, y }], [{ x: middle + 90, y }]);
  await expect.poll(axis).not.toBe(before);
  const moved = await atRest(axis);
  const top = (await strip.boundingBox())!.y;
  await gesture(cdp, [{ x: middle, y }], [{ x: middle, y: y - 160 }]);
  await expect.poll(async () => (await strip.boundingBox())!.y).toBeLessThan(top - 40);
  expect(await atRest(axis)).toBe(moved);
});
