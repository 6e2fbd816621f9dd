import type { Page } from '@playwright/test';
import { expect } from './expect';
import { ownUrl, press } from './grower';

/** Types into the field that has the focus: nobody tapped it. */
export async function type(page: Page, text: string): Promise<void> {
  await expect(page.locator('input[data-takes-digits]')).toBeFocused();
  await page.keyboard.type(text);
}

export async function shows(page: Page, text: string): Promise<void> {
  await type(page, text);
  await press(page, new RegExp(`^Record ${text}`));
}

/** Opens an empty book at a fixed morning. */
export const openAt = async (page: Page, time = '2026-05-20T08:00:00') => {
  await page.clock.install({ time: new Date(time) });
  await page.goto(ownUrl());
};
