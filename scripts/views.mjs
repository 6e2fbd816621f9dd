/** The main views and the way to each from the Round, as a grower goes. */
const place = (name) => (page) => page.getByRole('link', { name, exact: true }).click();
const open = (placeName, rowName) => async (page) => {
  await place(placeName)(page);
  await page.getByRole('link', { name: rowName }).click();
};

async function read(page) {
  await page.getByRole('link', { name: /Basil tables/ }).click();
  await page.getByLabel('pH', { exact: true }).fill('5.32');
  await page.getByLabel('EC, mS/cm').fill('1.46');
  await page.getByLabel('Temp., °C').fill('21.4');
  await page.getByText('true', { exact: false }).first().waitFor();
}

async function benchAdjust(page) {
  await open('Pens', /^P1 /)(page);
  await page.getByRole('button', { name: 'Check pH' }).click();
  await page.getByLabel('Cups, °C').fill('20.5');
  await page.getByRole('button', { name: 'Start with as found' }).click();
  const dip = async (shown, verb) => {
    await page.getByRole('textbox', { name: /^Shows/ }).fill(shown);
    await page.getByRole('button', { name: new RegExp(`^${verb} \\d`) }).click();
  };
  await dip('7.11', 'It shows');
  await dip('4.12', 'It shows');
  await page.getByRole('button', { name: 'Now adjust P1' }).click();
  await page.getByRole('button', { name: 'In the cup: start 30 s' }).click();
  await page.clock.runFor(31_000);
  await page.getByRole('textbox', { name: /^Shows/ }).fill('7.03');
}

export const VIEWS = [
  { name: 'round', go: async () => {} },
  { name: 'round-lights-out', dark: true, go: async () => {} },
  { name: 'round-wide', wide: true, go: async () => {} },
  { name: 'read', go: read },
  { name: 'tanks', go: place('Tanks') },
  { name: 'tank', go: open('Tanks', /Basil tables/) },
  { name: 'tank-wide', wide: true, go: open('Tanks', /Mint trough/) },
  { name: 'pens', go: place('Pens') },
  { name: 'pen', go: open('Pens', /^P4/) },
  { name: 'bench', go: benchAdjust },
  { name: 'bench-lights-out', dark: true, go: benchAdjust },
  { name: 'shelf', go: place('Shelf') },
  { name: 'book', go: place('Book') },
  { name: 'settings', go: place('Settings') },
];
