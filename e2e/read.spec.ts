import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import {
  addPen,
  addTank,
  demoUrl,
  dip,
  expectHeading,
  goTo,
  ownUrl,
  press,
  startCheck,
  typeReading,
} from './support/grower';
import { slowDeleting } from './support/storage';

/** Opens the form of Read from the tank's own page. */
async function openRead(page: Page, tank: string): Promise<void> {
  await page.goto(ownUrl());
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: new RegExp(tank) }).click();
  await press(page, 'Read');
}

/*
 * By hand: cups at 20.5 °C are 7.018 and 4.0026; the pen shows 7.11 and 4.12 and is left so.
 * Gain (7.11 − 4.12)/(7.018 − 4.0026) = 0.99158, offset 0.11 − 0.99158·0.018 = 0.09215.
 * It shows 5.52 in a tank: 7 + (5.52 − 7 − 0.09215)/0.99158 = 5.4145. Band 5.5 to 6.5. A single check in
 * two bottles of ±0.02 draws that a little to what is usual of pens: 5.42 ± 0.06.
 */
test('a drifted pen shows a value in the band; the true one is low', async ({ page }) => {
  await page.goto(ownUrl());
  await addTank(page, 'Basil tables', 'basil');
  await addPen(page, /pH, two points/, 'P1');
  await startCheck(page, 'Check', '20.5');
  await dip(page, '7.00', '7.11');
  await dip(page, '4.01', '4.12');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await openRead(page, 'Basil tables');
  await typeReading(page, { ph: '5.52', temp: '20.5' });
  await expect(page.getByText('Low.', { exact: true })).toBeVisible();
  await expect(page.getByText(/^true 5\.42\s±\s0\.0\d\spH$/)).toBeVisible();
  await press(page, 'Save');
  await goTo(page, 'Book');
  await expect(
    page.getByRole('link', { name: /pH\s5\.42\s±\s0\.0\d low \(P1 showed 5\.52\)/ }),
  ).toBeVisible();
});

test('two pens in one reading; dips are averaged; it was yesterday, in two taps', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addTank(page, 'Basil tables', 'basil');
  await addPen(page, /pH, two points/, 'P1');
  await addPen(page, /^EC, one point|^[○●] EC, one point/, 'P2');
  await openRead(page, 'Basil tables');
  await typeReading(page, { ph: '5.80', ec: '1.40' });
  await press(page, 'Dip pH again');
  await typeReading(page, { ph: '5.90' });
  await expect(page.getByText('Dipped before: 5.80. The mean counts.')).toBeVisible();
  await expect(page.getByText(/^about 5\.[89]5?\s±\s/)).toBeVisible();
  await press(page, 'When: now');
  await press(page, 'Yesterday evening, 18:00');
  await press(page, 'Save');
  await expectHeading(page, 'Saved · Basil tables');
  await goTo(page, 'Book');
  const line = page.getByRole('link', { name: /Basil tables.*P1 showed 5\.85/ });
  await expect(line).toBeVisible();
  await expect(line).toContainText('18:00');
  await expect(line).toContainText('EC 1.40');
});

test('a substrate reading is kept apart: its own chart and band, never the tank’s', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addTank(page, 'Basil tables', 'basil');
  await addPen(page, /pH, two points/, 'P1');
  await openRead(page, 'Basil tables');
  await typeReading(page, { ph: '5.9' });
  await press(page, 'Save');
  await expectHeading(page, /^Saved/);
  await openRead(page, 'Basil tables');
  await press(page, 'What: tank');
  await page.getByLabel('What is read').selectOption({ label: 'Substrate, slurry 1:1' });
  await expect(page.getByText(/One part dry medium, one part distilled water/)).toBeVisible();
  await typeReading(page, { ph: '7.3' });
  await expect(page.getByText('No band set.')).toBeVisible();
  await press(page, 'Set its band');
  await page.getByLabel('pH from').fill('6.5');
  await page.getByLabel('pH to').fill('6,0');
  await press(page, 'Save the band');
  await expect(page.getByText('Must lie above the low end.')).toBeVisible();
  await page.getByLabel('pH to').fill('7,0');
  await press(page, 'Save the band');
  // What was typed is still there, and is judged by the slurry's own band.
  await expect(page.getByText('Unverified.')).toBeVisible();
  await press(page, 'Save');
  await expectHeading(page, 'Saved · Basil tables, substrate, slurry 1:1');
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil tables.*pH\s5\.9/ }).click();
  await page.getByRole('radio', { name: 'Substrate, slurry 1:1 (1)' }).click();
  await expect(page.getByRole('cell', { name: /^7\.3/ })).toBeVisible();
  await expect(page.getByRole('cell', { name: /^5\.9/ })).toBeHidden();
});

test('a new stage moves the band from its date only', async ({ page }) => {
  await page.goto(ownUrl());
  await addTank(page, 'Basil tables', 'basil');
  await addPen(page, /pH, two points/, 'P1');
  await startCheck(page, 'Check', '25');
  await dip(page, '7.00', '7.00');
  await dip(page, '4.01', '4.01');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await expect(page.getByRole('button', { name: 'Save the check' })).toHaveCount(0);
  const read = async (ph: string) => {
    await openRead(page, 'Basil tables');
    await typeReading(page, { ph });
    await press(page, /^Save|^Keep it/);
    // The question may come with the press, or have stood there before it.
    const keep = page.getByRole('button', { name: 'Keep it' });
    await expect(page.getByRole('heading', { level: 1, name: /^Saved/ }).or(keep)).toBeVisible();
    if (await keep.isVisible()) await keep.click();
    await expectHeading(page, /^Saved/);
  };
  await read('6.3');
  await goTo(page, 'Tanks');
  await page.getByRole('link', { name: /Basil tables/ }).click();
  await press(page, 'Change the tank');
  await page.getByLabel('pH to').fill('6.0');
  await expect(page.getByRole('radio', { name: /From now on/ })).toBeChecked();
  await press(page, 'Save the tank');
  await expectHeading(page, 'Basil tables');
  await read('6.31');
  await goTo(page, 'Book');
  await expect(
    page.getByRole('link', { name: /pH\s6\.3\d?\s±\s0\.\d+ (probably )?in .*showed 6\.30/ }),
  ).toBeVisible();
  await expect(
    page.getByRole('link', { name: /pH\s6\.3\d?\s±\s0\.\d+ (probably )?high .*showed 6\.31/ }),
  ).toBeVisible();
});

test('a surprising value is asked about once, then kept', async ({ page }) => {
  await page.goto(demoUrl());
  await page
    .getByRole('link', { name: /Basil tables/ })
    .first()
    .click();
  await typeReading(page, { ph: '7.0', ec: '1.1', temp: '21' });
  await press(page, 'Save');
  await expect(page.getByText(/^Expected .* or keep 7\.00\spH\?$/)).toBeVisible();
  await press(page, 'Keep it');
  await expectHeading(page, 'Saved · Basil tables');
});

test('history: moved by keys and buttons, saved as a picture, and the tanks side by side', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(demoUrl());
  await goTo(page, 'Tanks');
  await page.getByRole('radio', { name: 'Strips' }).click();
  await expect(page.getByText(/^read by P4 \d+×/).first()).toBeVisible();
  await expect(page.getByRole('img', { name: /^pH of Gerbera bench/ })).toBeVisible();
  await page
    .getByRole('link', { name: /Gerbera bench/ })
    .first()
    .click();
  const strip = page.getByRole('img', { name: /^pH of Gerbera bench/ });
  await expect(strip).toBeVisible();
  const count = async () =>
    Number(/(\d+) readings/.exec((await strip.getAttribute('aria-label')) ?? '')?.[1]);
  const before = await count();
  await press(page, 'Wider');
  await expect.poll(count).toBeGreaterThan(before);
  await page.getByRole('group', { name: /arrow keys move in time/ }).focus();
  await page.keyboard.press('Home');
  await expect.poll(count).toBeGreaterThan(150);
  for (const kind of ['SVG', 'PNG']) {
    const download = page.waitForEvent('download');
    await press(page, `${kind} picture`);
    expect((await download).suggestedFilename()).toMatch(
      new RegExp(`^Gerbera-bench-tank-.*\\.${kind.toLowerCase()}$`),
    );
  }
  await press(page, 'Older');
  await expect(page.getByText(/^The newest 74 of \d+/)).toBeVisible();
});

test('tanks are put in order, doubled, and taken out of use', async ({ page }) => {
  await page.goto(ownUrl());
  await addTank(page, 'Basil tables', 'basil');
  await addTank(page, 'Mint trough', 'mint');
  await goTo(page, 'Tanks');
  await press(page, 'Order of the Round');
  await press(page, 'Mint trough up');
  await expect(page.getByRole('listitem').first()).toContainText('Mint trough');
  // And by dragging it back.
  const handle = page.getByLabel('1, move Mint trough');
  const box = (await handle.boundingBox())!;
  await page.mouse.move(box.x + 10, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x + 10, box.y + 60, { steps: 4 });
  await page.mouse.move(box.x + 10, box.y + 90, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('listitem').first()).toContainText('Basil tables');
  await press(page, 'Done');
  await page.getByRole('link', { name: /Mint trough/ }).click();
  await press(page, 'Change the tank');
  await press(page, 'Another like it');
  await expectHeading(page, 'Change Mint trough, copy');
  await press(page, /^Out of use/);
  await goTo(page, 'Round');
  await expect(page.getByRole('link', { name: /^2 Mint trough|Mint trough/ })).toHaveCount(1);
  await goTo(page, 'Tanks');
  await expect(page.getByText(/^Out of use/)).toBeVisible();
});

test('a page that is closed the moment a reading is saved does not offer it once more', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addPen(page, /^pH, two points/, 'P1');
  await addTank(page, 'Basil', 'basil');
  const ph = page.getByLabel('pH', { exact: true });
  for (const shown of ['6.10', '6.12', '6.14']) {
    await page.goto(ownUrl());
    await goTo(page, 'Tanks');
    await page.getByRole('link', { name: /Basil/ }).first().click();
    await press(page, 'Read');
    // A draft would come back by then.
    await page.waitForTimeout(500);
    await expect(ph).toHaveValue('');
    await ph.fill(shown);
    // Typing pauses: what stands there is kept.
    await page.waitForTimeout(500);
    await slowDeleting(page, 400);
    await press(page, 'Save');
    await expectHeading(page, 'Saved · Basil');
  }
});
