import { test } from '@playwright/test';
import { expect } from './support/expect';
import {
  addPen,
  addTank,
  dip,
  expectHeading,
  goTo,
  ownUrl,
  press,
  startCheck,
  typeReading,
} from './support/grower';
import { addIt, newPen } from './support/pens';

const DAY_MS = 86_400_000;

test('a second point that misses twice leads through cleaning, then a fresh portion', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addPen(page, /^pH, two points/, 'P1');
  await startCheck(page, 'Check', '25');
  await dip(page, '7.00', '7.20');
  await dip(page, '4.01', '4.30');
  await press(page, 'Now adjust P1');
  await dip(page, '7.00', '7.00');
  await dip(page, '4.01', '4.20');
  await press(page, 'Repeat this point');
  await dip(page, '4.01', '4.15');
  await expect(page.getByText(/Two misses: clean the probe/)).toBeVisible();
  await expect(page.getByText(/A soft brush round the bulb, very gently/)).toBeVisible();
  await press(page, 'Cleaned: repeat it');
  await dip(page, '4.01', '4.10');
  await expect(page.getByText(/suspect the buffer\. Pour a fresh portion/)).toBeVisible();
  await press(page, 'Fresh portion: repeat it');
  await dip(page, '4.01', '4.01');
  await dip(page, '7.00', '7.00');
  await expectHeading(page, 'P1 is adjusted and holds.');
  await press(page, 'Save the check');
  await expect(page.getByText(/At the Bench, between as found and as left/)).toBeVisible();
});

/* Source of the targets: standard values, 6.865 at 25 °C; 6.900 at 15 and 6.881 at 20: 6.896 at 16. */
test('a powder-sachet pen at 16 °C is led to 6.89, and its sachets are mixed and booked', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addPen(page, /^pocket pH, powder sachets/, 'P2');
  await press(page, 'Check');
  await press(page, 'How to mix powder sachets');
  await expect(page.getByText(/exactly 250\smL of distilled water/)).toBeVisible();
  await press(page, 'Mixed now: put 6.86 and 4.00 on the Shelf');
  await expect(page.getByText(/^On the Shelf\./)).toBeVisible();
  await press(page, 'No buffer? Would tap water do instead?');
  await expect(page.getByText(/any value near 7 is luck/)).toBeVisible();
  await page.getByLabel('Cups, °C').fill('16');
  await press(page, 'Start with as found');
  await expect(page.getByText('6.89', { exact: false }).first()).toBeVisible();
  await dip(page, '6.86', '6.91');
  await dip(page, '4.00', '4.02');
  await expectHeading(page, 'P2 is in tolerance.');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await goTo(page, 'Shelf');
  await expect(page.getByRole('link', { name: /6\.86 buffer/ })).toBeVisible();
});

test('a trim-screw pen: one cup, the screw turned to the target', async ({ page }) => {
  await page.goto(ownUrl());
  await addPen(page, /^pH with a trim screw/, 'P4');
  await startCheck(page, 'Check', '20');
  await dip(page, '7.00', '7.4');
  await press(page, 'Now adjust P4');
  await expect(
    page.getByText('When the display is still, turn the screw until it shows 7.0.'),
  ).toBeVisible();
  await dip(page, '7.00', '7.0');
  await expectHeading(page, 'P4 is adjusted and holds.');
});

/*
 * By hand: 2440 where 2770 stands is 11.9 % low. Two days after a good check and two before that one a
 * reading of 970 is 0.97/0.94 = 1.03 mS/cm: in the band of 1.0 to 1.8 that it seemed to lie below.
 */
test('an EC probe that is only verified, in µS/cm, with a greasy face: cleaned and good', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-05-12T08:00:00') });
  await page.goto(ownUrl());
  await addTank(page, 'Basil tables', 'basil');
  await newPen(page, /^EC verify only, spear-tip pH/, 'P5');
  await page.getByRole('radio', { name: /^µS\/cm/ }).click();
  await addIt(page, 'P5');
  await startCheck(page, 'Check EC', '25');
  await expect(page.getByText(/^2770/)).toBeVisible();
  await dip(page, '2.77', '2770');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await expectHeading(page, /^P5 · /);
  await page.clock.fastForward(2 * DAY_MS);
  await goTo(page, 'Round');
  await page.getByRole('link', { name: /Basil tables/ }).click();
  await typeReading(page, { ec: '970', temp: '25' });
  await press(page, 'Save');
  await expectHeading(page, /^Saved/);
  await page.clock.fastForward(2 * DAY_MS);
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P5/ }).click();
  await startCheck(page, 'Check EC', '25');
  await dip(page, '2.77', '2440');
  // Far from anything it did: asked once.
  await press(page, 'The pen shows that');
  await expectHeading(page, 'P5 is out of tolerance.');
  await expect(page.getByText(/^Low is nearly always a dirty face or an air bubble/)).toBeVisible();
  await expect(
    page.getByRole('heading', { level: 2, name: 'P5 read 11.8 % low. One reading changes.' }),
  ).toBeVisible();
  const line = page.getByRole('listitem').filter({ hasText: 'Basil tables' });
  await expect(line).toContainText(/0\.97 ?1\.03/);
  await press(page, 'Save the check');
  await press(page, 'Care');
  await page.getByRole('link', { name: /Clean the EC face/ }).click();
  await expect(
    page.getByText(/Wet-film test: water must spread over the whole face/),
  ).toBeVisible();
  await press(page, 'Done, book it');
  await press(page, 'Check EC');
  await page.getByLabel('Cups, °C').fill('25');
  await page.getByRole('radio', { name: /^yes/ }).click();
  await press(page, 'Start with as found');
  await dip(page, '2.77', '2765');
  await expectHeading(page, 'P5 is in tolerance.');
});

test('a pen that stores the printed value at 12 °C is not sent round in circles', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await newPen(page, /^pH, two points/, 'P1');
  await press(page, 'More: how it takes a point, display, papers');
  await page.getByRole('radio', { name: /^the printed value/ }).click();
  await addIt(page, 'P1');
  await startCheck(page, 'Check', '12');
  await expect(page.getByText('the 7.00 buffer: this pen stores the printed value')).toBeVisible();
  await dip(page, '7.00', '7.15');
  await dip(page, '4.01', '4.20');
  await press(page, 'Now adjust P1');
  await dip(page, '7.00', '7.00');
  await dip(page, '4.01', '4.01');
  await dip(page, '7.00', '7.00');
  await expectHeading(page, 'P1 is adjusted and holds.');
});

test('a profile nobody shipped, made in the editor: its procedure follows from it alone', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await newPen(page, /^pH, two points/, 'X1');
  await page.getByLabel('Name', { exact: true }).fill('Odd pen');
  await press(page, 'More: how it takes a point, display, papers');
  await page.getByRole('radio', { name: 'before dipping' }).click();
  await page.getByLabel(/^How long is it held/).fill('5');
  await page.getByLabel('Short presses that pick the buffer').fill('2 3');
  await page.getByLabel(/^In which order are they dipped/).fill('4,01 7');
  await page.getByRole('radio', { name: 'it is switched off after each' }).click();
  const unseen = page.getByRole('radiogroup', { name: /before you have read the stored value/ });
  await unseen.getByRole('radio', { name: 'yes' }).click();
  await page.getByLabel('Errors it shows, and what they mean').fill('E9: wrong cup');
  await page.getByLabel(/^Switches itself off after/).fill('4');
  await press(page, 'Keep this as a profile of my own');
  await expect(page.getByText('Odd pen is now among the kinds of pens.')).toBeVisible();
  await press(page, 'Back');
  await newPen(page, /^Odd pen/, 'X2');
  await addIt(page, 'X2');
  await press(page, 'Check');
  await expect(page.getByText(/switches itself off after 4\smin/)).toBeVisible();
  await page.getByLabel('Cups, °C').fill('25');
  await press(page, 'Start with as found');
  await dip(page, '4.01', '4.20');
  await dip(page, '7.00', '7.20');
  await press(page, 'Now adjust X2');
  await expect(
    page.getByText(
      /^Press the calibration button shortly 2 times to choose this buffer, then hold the calibration button for 5\ss and let go\. Then dip/,
    ),
  ).toBeVisible();
  await press(page, 'The pen shows an error');
  await expect(page.getByText('E9: wrong cup')).toBeVisible();
  await press(page, 'It ended before I saw the value');
  await expect(page.getByText(/shortly 3 times/)).toBeVisible();
  await dip(page, '7.00', '7.00');
  await dip(page, '4.01', '4.01');
  await expectHeading(page, 'X2 is adjusted and holds.');
});

/*
 * By hand: good on the first day, 0.30 high in both cups six days later (gain unchanged, so 0.30 at
 * every pH). A reading of 5.60 half way is 0.15 too high: 5.45, below the band of 5.5 to 6.5.
 */
test('a failed check looks back: the reading between turns, by the amount worked by hand', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-05-12T08:00:00') });
  await page.goto(ownUrl());
  await addTank(page, 'Basil tables', 'basil');
  await addPen(page, /^pH, two points/, 'P1');
  await startCheck(page, 'Check', '25');
  await dip(page, '7.00', '7.00');
  await dip(page, '4.01', '4.01');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await expectHeading(page, /^P1 · /);
  await page.clock.fastForward(3 * DAY_MS);
  await goTo(page, 'Round');
  await page.getByRole('link', { name: /Basil tables/ }).click();
  await typeReading(page, { ph: '5.60', temp: '25' });
  await press(page, 'Save');
  await expectHeading(page, /^Saved/);
  await page.clock.fastForward(3 * DAY_MS);
  await goTo(page, 'Pens');
  await page.getByRole('link', { name: /^P1/ }).click();
  await startCheck(page, 'Check', '25');
  await dip(page, '7.00', '7.30');
  // Further off than it ever drifted: dipped once more, and the pen shows that.
  await press(page, 'The pen shows that');
  await dip(page, '4.01', '4.31');
  // Told before anything is adjusted, and kept with the check.
  const told = page.getByRole('heading', { name: 'P1 read 0.30 pH high. One reading changes.' });
  const row = page.getByRole('listitem').filter({ hasText: 'Basil tables' });
  await expect(told).toBeVisible();
  await expect(row).toContainText('5.60');
  await expect(row).toContainText('5.45');
  await press(page, 'Leave it as it is');
  await press(page, 'Save the check');
  await expectHeading(page, /^P1 · /);
  await press(page, /^Look back: /);
  await expectHeading(page, 'P1 read 0.30 pH high. One reading changes.');
  await expect(row).toContainText('5.45');
});

test('EC first, then pH in one sitting; a quick look in one cup; the house control; a new probe', async ({
  page,
}) => {
  await page.goto(ownUrl());
  await addPen(page, /^pH and EC in one body/, 'P1');
  await press(page, 'Check both, EC first');
  await expect(page.getByText(/^EC first: the storage liquid is strong salt/)).toBeVisible();
  await page.getByLabel('Cups, °C').fill('25');
  await press(page, 'Start with as found');
  await dip(page, '1.413', '1.41');
  await press(page, 'Leave it as it is');
  await press(page, 'Save, then pH');
  await page.getByRole('radio', { name: /^only look, one cup/ }).click();
  await page.getByLabel('Cups, °C').fill('25');
  await press(page, 'Start with as found');
  await dip(page, '7.00', '7.30');
  await expectHeading(page, 'P1 is out of tolerance and was not adjusted.');
  await press(page, 'Save the check');
  await press(page, 'House control');
  await press(page, 'Write it down');
  await expect(page.getByText(/Type the value the pen shows/)).toBeVisible();
  await page.getByLabel('Its value').selectOption('6.86');
  await page.getByRole('textbox', { name: 'Shows' }).fill('6.95');
  await page.getByRole('textbox', { name: /^Temp/ }).fill('15');
  await press(page, 'Write it down');
  await expect(page.getByText(/^0\.05\spH high in the control/)).toBeVisible();
  await press(page, 'Back');
  await press(page, 'Probes');
  await page.getByLabel('Its number').fill('A-17');
  await press(page, 'Fitted: start its life');
  await expect(page.getByText(/new probe/i).first()).toBeVisible();
  await press(page, 'Probes');
  await expect(page.getByText(/^pH probe of .*, in use for 0 d · A-17$/)).toBeVisible();
});

test('values told live by another page fill the field and run the watch', async ({ page }) => {
  await page.goto(ownUrl());
  await addPen(page, /^pH, two points/, 'P1');
  await startCheck(page, 'Check', '25');
  await expect(page.getByText('Start the watch when the pen is in the cup.')).toBeVisible();
  await page.evaluate(async () => {
    const channel = new BroadcastChannel('zolder-samples');
    for (const shown of [7.6, 7.4, 7.25, 7.15, 7.1, 7.06, 7.04]) {
      channel.postMessage({ shown });
      channel.postMessage({ nonsense: true });
      await new Promise((resolve) => setTimeout(resolve, 60));
    }
  });
  await expect(page.getByRole('textbox', { name: /^Shows/ })).toHaveValue('7.04');
  await expect(page.getByText('Hold still; touch nothing.')).toBeVisible();
  await expect(
    page.getByText(/^Heading for 7\.0\d\spH; half of the remaining way takes/),
  ).toBeVisible();
});
