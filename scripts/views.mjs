/** The main views and the way to each from the Round, as a grower goes. */
const place = (name) => async (page) => {
  const link = page.getByRole('link', { name, exact: true });
  await link.click();
  await link.and(page.locator('[aria-current=page]')).waitFor();
  // The place before leaves a moment later: until then its links are there too.
  await page.waitForTimeout(500);
};
const open = (placeName, rowName) => async (page) => {
  await place(placeName)(page);
  await page.getByRole('link', { name: rowName }).click();
};

async function read(page) {
  await page.getByRole('link', { name: /Basil tables/ }).click();
  await page.getByLabel('pH', { exact: true }).fill('5.32');
  await page.getByRole('textbox', { name: 'EC, mS/cm' }).fill('1.46');
  await page.getByLabel('Temp., °C').fill('21.4');
  await page.getByText('true', { exact: false }).first().waitFor();
}

async function benchAdjust(page) {
  await open('Pens', /^P1 /)(page);
  await page.getByRole('button', { name: 'Check pH' }).click();
  await page.getByLabel('Cups, °C').fill('20.5');
  await page.getByRole('button', { name: 'Start with as found' }).click();
  const dip = async (shown) => {
    await page.getByRole('textbox', { name: /^Shows/ }).fill(shown);
    await page.getByRole('button', { name: /^Record \d/ }).click();
  };
  await dip('7.09');
  await dip('4.08');
  await page.getByRole('button', { name: 'Now adjust P1' }).click();
  await page.getByRole('button', { name: 'In the cup: start 30 s' }).click();
  await page.clock.runFor(31_000);
  await page.getByRole('textbox', { name: /^Shows/ }).fill('7.03');
}

async function lookBack(page) {
  await open('Pens', /^P4/)(page);
  await page.getByRole('button', { name: /^Look back: / }).click();
  await page.getByRole('heading', { level: 1, name: /^P4 read/ }).waitFor();
}

async function dose(page) {
  await read(page);
  await page.getByLabel('pH', { exact: true }).fill('6.85');
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Dose', exact: true }).click();
  await page.getByText('right after mixing').waitFor();
}

async function tankWide(page) {
  await place('Tanks')(page);
  await page.getByRole('link', { name: 'Basil tables', exact: true }).click();
  await page.getByRole('heading', { name: 'History' }).waitFor();
}

async function history(page) {
  await open('Tanks', /Gerbera/)(page);
  await page.getByRole('heading', { name: 'History' }).scrollIntoViewIfNeeded();
  await page.mouse.move(200, 400);
  await page.mouse.wheel(0, 520);
}

/** From a tank's dose to one of its pages. */
const fromDose = (button) => async (page) => {
  await open('Tanks', /Basil tables.*Open/)(page);
  await page.getByRole('button', { name: 'Dose', exact: true }).click();
  await page.getByRole('button', { name: button }).first().click();
};

const whyDose = fromDose('Why this much?');

/** The sheet of labels for the tanks, as it is printed. */
async function labels(page) {
  await place('Tanks')(page);
  await page.getByRole('button', { name: 'Print labels' }).click();
  await page.locator('.labels').scrollIntoViewIfNeeded();
  await page.mouse.move(200, 400);
  await page.mouse.wheel(0, 560);
}

/** The checks of the pens, as an inspector gets them. */
async function inspector(page) {
  await place('Book')(page);
  await page.getByRole('button', { name: 'Print' }).click();
  await page.getByRole('article').waitFor();
  await page.mouse.move(600, 500);
  await page.mouse.wheel(0, 430);
}

/** A slip at the practice bench, said at once with what it would cost. */
async function practice(page) {
  await page.getByRole('link', { name: 'Practice' }).click();
  await page.getByRole('link', { name: /Not too early/ }).click();
  const press = (name) => page.getByRole('button', { name }).first().click();
  for (const name of ['Take the cap off', 'ON/OFF', 'Rinse', 'Shake', 'Dip in the 7.00', 'Stir'])
    await press(name);
  await page.waitForTimeout(9000);
  await press('CAL 3 s');
  await page.getByText(/further off/).waitFor();
}

export const VIEWS = [
  { name: 'round', go: async () => {} },
  { name: 'round-lights-out', dark: true, go: async () => {} },
  { name: 'round-wide', wide: true, go: async () => {} },
  { name: 'read', go: read },
  { name: 'read-wide', wide: true, go: read },
  { name: 'tanks-wide', wide: true, go: place('Tanks') },
  { name: 'tank-history-lights-out', dark: true, go: history },
  { name: 'tank-wide', wide: true, go: tankWide },
  { name: 'dose', go: dose },
  { name: 'pens', go: place('Pens') },
  { name: 'pen', go: open('Pens', /^P4/) },
  { name: 'look-back', go: lookBack },
  { name: 'bench', go: benchAdjust },
  { name: 'shelf', go: place('Shelf') },
  { name: 'book-wide', wide: true, go: place('Book') },
  { name: 'document-wide', wide: true, go: inspector },
  { name: 'practice-wide', wide: true, go: practice },
  { name: 'labels', go: labels },
  { name: 'why-dose', go: whyDose },
];
