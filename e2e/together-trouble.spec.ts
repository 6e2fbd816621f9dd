import { test } from '@playwright/test';
import { expect } from './support/expect';
import { aPhone, openTogether, startExchange, type ExchangeHouse } from './support/exchange';
import { press } from './support/grower';
import { fullDisk, spaceBack } from './support/storage';

/** A device of the house that is not a browser of this test. */
async function pairAnother(house: ExchangeHouse, name: string): Promise<void> {
  const asked = { code: await house.code(), name, device: `device-of-${name}` };
  const answered = await fetch(`${house.url}/exchange/pair`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(asked),
  });
  expect(answered.status).toBe(200);
}

test('a press that could not be done is told at the press, and can be pressed again', async ({
  browser,
}) => {
  const house = await startExchange();
  await pairAnother(house, 'Lost phone');
  const phone = await aPhone(browser, house);

  // The disk of this device is full: not paired, said, nothing typed is lost.
  await openTogether(phone);
  await phone.getByLabel('Name of this device').fill('Full phone');
  await phone.getByLabel('Code the computer shows').fill(await house.code());
  await fullDisk(phone);
  await press(phone, 'Pair this device');
  await expect(phone.getByText(/^Not done: this device could not keep it\./)).toBeVisible();
  await expect(phone.getByLabel('Name of this device')).toHaveValue('Full phone');
  await spaceBack(phone);

  // A thumb that comes down twice pairs once: the code is not told to be used up.
  await phone.getByLabel('Code the computer shows').fill(await house.code());
  await phone.getByRole('button', { name: 'Pair this device' }).dblclick();
  await expect(phone.getByText(/^Met the house just now; nothing waiting\.$/)).toBeVisible();
  await expect(phone.getByText(/^This code is wrong/)).toHaveCount(0);
  await expect(phone.getByText(/^Full phone$/)).toHaveCount(1);
  await expect(phone.getByText(/^Lost phone$/)).toBeVisible();

  // The house goes: taking the other off is not done, and said so; then it is.
  await phone.keyboard.press('Tab');
  await phone.getByRole('button', { name: 'Take Lost phone off the list' }).focus();
  await phone.keyboard.press('Enter');
  // The question takes the place of the press. An Enter that comes twice does not answer it; Tab leads into it.
  await expect(phone.getByRole('button', { name: 'Take off the list' })).toBeVisible();
  await phone.keyboard.press('Enter');
  await phone.keyboard.press('Tab');
  await expect(phone.getByRole('button', { name: 'Take off the list' })).toBeFocused();
  // Nor does a thumb that comes down twice.
  await press(phone, 'Keep it');
  await phone.getByRole('button', { name: 'Take Lost phone off the list' }).dblclick();
  await expect(phone.getByRole('button', { name: 'Take off the list' })).toBeVisible();
  await expect(phone.getByText(/^Lost phone$/)).toBeVisible();
  await house.away();
  await press(phone, 'Take off the list');
  // A meeting that came in between says the same.
  await expect(
    phone
      .getByRole('status')
      .getByText(/^The house does not answer now/)
      .first(),
  ).toBeVisible();
  await expect(phone.getByText(/^Lost phone$/)).toBeVisible();
  await house.back();
  await press(phone, 'Take off the list');
  await expect(phone.getByText(/^Lost phone$/)).toHaveCount(0);

  // Leaving while the house is away is done here, and what is left to do there is said.
  await press(phone, 'Leave the house');
  await expect(phone.getByText(/keeps its book and swaps no more entries/)).toBeVisible();
  await house.away();
  await phone.getByRole('button', { name: 'Leave the house' }).click();
  await expect(
    phone.getByText(/^This device has left\. The house could not be told/),
  ).toBeVisible();
  await house.back();
  // Enter in the last field does what the button does.
  await openTogether(phone);
  await expect(phone.getByText(/^This device has left/)).toHaveCount(0);
  await phone.getByLabel('Name of this device').fill('Full phone');
  await phone.getByLabel('Code the computer shows').fill(await house.code());
  await phone.keyboard.press('Enter');
  await expect(phone.getByText(/^Met the house just now; nothing waiting\.$/)).toBeVisible();
  await expect(phone.getByText(/^Full phone$/)).toHaveCount(1);
  await house.end();
});
