import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import {
  addPen,
  addTank,
  dip,
  expectHeading,
  ownUrl,
  startCheck,
  typeReading,
} from './support/grower';
import { addNitric, openTank } from './support/pouring';
import { countOf, revisionsIn, slowDown } from './support/storage';

/** Two taps of one thumb, as fast as they come, on a processor four times as slow. */
async function tapTwice(page: Page, name: string | RegExp): Promise<void> {
  await slowDown(page, 4);
  await page.getByRole('button', { name }).dblclick();
  await slowDown(page, 1);
}

/** Taps twice and expects so many records of a kind, now and after a moment. */
async function bookedOnce(
  page: Page,
  { button, kind, count }: { button: string | RegExp; kind: string; count: number },
): Promise<void> {
  await tapTwice(page, button);
  await expect.poll(() => countOf(page, kind), { message: String(button) }).toBe(count);
  // What a second tap would have sent is through by now: another act comes after it.
  await page.waitForTimeout(400);
  expect(await countOf(page, kind), String(button)).toBe(count);
}

test('two taps book once: pen, tank, lot, product, water, person, reading, soak', async ({
  page,
}) => {
  await page.goto(`${ownUrl()}/pens/new`);
  await page.getByRole('radio', { name: /pH and EC in one body/ }).click();
  await page.getByLabel('Code').fill('P1');
  await bookedOnce(page, { button: 'Add the pen', kind: 'pen', count: 1 });
  await expectHeading(page, /^P1 · /);
  await bookedOnce(page, { button: /Start its first soak/, kind: 'careEvent', count: 1 });

  await page.goto(`${ownUrl()}/tanks/new`);
  await page.getByLabel('Name').fill('Basil tables');
  await page.getByLabel(/^Volume/).fill('100');
  await page.getByLabel('Crop and stage').selectOption({ label: 'basil' });
  await bookedOnce(page, { button: 'Add the tank', kind: 'tank', count: 1 });

  await page.goto(`${ownUrl()}/shelf/new`);
  await page.getByLabel('Value printed large, pH').fill('7.00');
  await page.getByLabel('Left, mL').fill('480');
  await bookedOnce(page, { button: 'Add the lot', kind: 'lot', count: 1 });

  await page.goto(`${ownUrl()}/tanks/waters/new`);
  await page.getByLabel('Name').fill('Rain');
  await bookedOnce(page, { button: 'Add the water', kind: 'water', count: 1 });

  await page.goto(`${ownUrl()}/settings`);
  await page.getByLabel('Initials of somebody new').fill('AB');
  await bookedOnce(page, { button: 'Add the person', kind: 'person', count: 1 });

  await openTank(page, 'Basil tables');
  await page.getByRole('button', { name: 'Read' }).click();
  await typeReading(page, { ph: '6.1' });
  await bookedOnce(page, { button: 'Save', kind: 'reading', count: 1 });
  await expectHeading(page, /^Saved/);
});

test('two taps book once: a check, a dose, water, care, a probe, a control', async ({ page }) => {
  await page.goto(ownUrl());
  await addPen(page, /pH, two points/, 'P1');
  const penPath = new URL(page.url()).pathname;
  await addTank(page, 'Basil tables', 'basil', '100');
  const tankPath = new URL(page.url()).pathname;
  await page.goto(`${ownUrl()}${penPath}`);
  await startCheck(page, 'Check', '25');
  await dip(page, '7.00', '7.00');
  await dip(page, '4.01', '4.01');
  await page.getByRole('button', { name: 'Leave it as it is' }).click();
  await bookedOnce(page, { button: 'Save the check', kind: 'session', count: 1 });
  await expectHeading(page, /^P1 · /);

  await addNitric(page);
  await openTank(page, 'Basil tables');
  await page.getByRole('button', { name: 'Read' }).click();
  await typeReading(page, { ph: '7.2' });
  await page.getByRole('button', { name: 'Save' }).click();
  await expectHeading(page, /^Saved/);
  await page.goto(`${ownUrl()}${tankPath}/dose`);
  await page.getByRole('button', { name: 'Concentrates, for trained people…' }).click();
  await page.getByRole('radio', { name: /Nitric tenth/ }).click();
  await bookedOnce(page, { button: /^Poured /, kind: 'addition', count: 1 });

  await page.goto(`${ownUrl()}${tankPath}/water`);
  await page.getByRole('textbox', { name: /^Water/ }).fill('20');
  await bookedOnce(page, { button: 'Topped up', kind: 'addition', count: 2 });

  await page.goto(`${ownUrl()}${penPath}/probes`);
  await bookedOnce(page, { button: /^Fitted/, kind: 'probe', count: 1 });

  await page.goto(`${ownUrl()}${penPath}/control`);
  await page.getByRole('textbox', { name: /^Shows/ }).fill('7.02');
  await page.getByRole('textbox', { name: /^Temp/ }).fill('20');
  await bookedOnce(page, { button: 'Write it down', kind: 'controlReading', count: 1 });

  await page.goto(`${ownUrl()}${penPath}/care`);
  await page.getByRole('link', { name: /Oil on the bulb/ }).click();
  const count = 1 + (await countOf(page, 'careEvent'));
  await bookedOnce(page, { button: /^Start 2\sh/, kind: 'careEvent', count });
});

test('two taps book once: the first set-up, a product, a profile, a tank like another, a void', async ({
  page,
}) => {
  await page.goto(`${ownUrl()}/welcome`);
  await page
    .getByRole('link', { name: /pH, two points/ })
    .first()
    .click();
  await page.getByLabel('Name').fill('Basil');
  await page.getByLabel(/^Volume/).fill('100');
  await bookedOnce(page, { button: 'On to the first reading', kind: 'tank', count: 1 });
  expect(await countOf(page, 'pen')).toBe(1);
  await typeReading(page, { ph: '6.1' });
  await page.getByRole('button', { name: 'Save' }).click();
  await expectHeading(page, /^Saved/);

  await page.goto(`${ownUrl()}/shelf/products/new`);
  await page.getByLabel('What the label calls it').fill('pH down');
  await bookedOnce(page, { button: 'Add the product', kind: 'product', count: 1 });

  await page.goto(`${ownUrl()}/pens/new`);
  await page.getByLabel('Code').fill('P2');
  await bookedOnce(page, { button: /profile of my own/, kind: 'profile', count: 1 });

  await openTank(page, 'Basil');
  await page.getByRole('button', { name: 'Change the tank' }).click();
  await bookedOnce(page, { button: 'Another like it', kind: 'tank', count: 2 });

  await page.goto(`${ownUrl()}/book`);
  await page
    .getByRole('link', { name: /Basil.*pH/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Void' }).click();
  await page.getByLabel('Why?').fill('twice');
  await tapTwice(page, 'Void the entry');
  await expect(page.getByText(/Voided: it counts no more/)).toBeVisible();
  const versions = (await revisionsIn(page)).filter(({ kind }) => kind === 'reading');
  expect(versions).toHaveLength(2);
});
