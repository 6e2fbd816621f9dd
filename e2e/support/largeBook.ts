import type { Page } from '@playwright/test';
import { houseBook } from '../../scripts/bench/houseBook';
import { fill } from '../../scripts/bench/madeBook';
import { compactJournal } from '../../src/records/storage/compact';
import { journalKey } from '../../src/records/storage/journal';
import { memoryStorage } from '../../src/records/storage/memory';
import { encodePack } from '../../src/records/storage/packs';
import { expect } from './expect';
import { ownUrl } from './grower';

/** Keys of the own book's storage. */
export const keysHeld = (page: Page): Promise<readonly string[]> =>
  page.evaluate(
    () =>
      new Promise<string[]>((resolve, reject) => {
        const opening = indexedDB.open('zolder', 1);
        opening.onerror = () => reject(new Error('not opened'));
        opening.onsuccess = () => {
          const keys = opening.result.transaction('entries').objectStore('entries').getAllKeys();
          keys.onsuccess = () => {
            opening.result.close();
            resolve(keys.result.map(String));
          };
        };
      }),
  );

/**
 * The own book of a house with 40 tanks, each read daily for 300 days: opened once, so that the next
 * opening knows what it may leave.
 */
export async function largeBook(page: Page): Promise<void> {
  const house = houseBook({ tanks: 40, pens: 8, readingsEach: 300, endMs: Date.now() });
  const held = new Map(house.revisions.map((one) => [journalKey(one, 'house'), encodePack([one])]));
  await compactJournal(memoryStorage(held));
  await page.goto(`${ownUrl()}/health`);
  await fill(page, 'zolder', [...held]);
  await page.goto(ownUrl());
  await expect(page.getByRole('link', { name: /^Tank 1\b/ }).first()).toBeVisible();
  await expect.poll(async () => (await keysHeld(page)).includes('o/readings')).toBe(true);
}
