import { test, type Page } from '@playwright/test';
import { expect } from './support/expect';
import { addPen, addTank, goTo, ownUrl } from './support/grower';
import { keepWorker } from './support/keepWorker';

/** Appends `count` readings through the tab's own worker, each an act of its own. */
async function appendReadings(page: Page, ids: { tankId: string; penId: string }, count: number) {
  await page.evaluate(
    async ({ tankId, penId, count: n }) => {
      const worker = (window as unknown as { bookWorker: Worker }).bookWorker;
      const call = (value: unknown[]) =>
        new Promise<void>((resolve, reject) => {
          const id = `test-${Math.random()}`;
          worker.addEventListener('message', function listen({ data }) {
            if (data.id !== id) return;
            worker.removeEventListener('message', listen);
            if (data.type === 'HANDLER') reject(new Error(JSON.stringify(data.value)));
            else resolve();
          });
          const argumentList = value.map((item) => ({ type: 'RAW', value: item }));
          worker.postMessage({ id, type: 'APPLY', path: ['append'], argumentList });
        });
      const acts = Array.from({ length: n }, () => {
        const body = {
          tankId,
          sampleKind: 'tank',
          takenAt: new Date().toISOString(),
          note: '',
          ph: { shown: 6, penId },
        };
        const actId = Array.from({ length: 26 }, () => Math.floor(8 * Math.random())).join('');
        return call([[{ kind: 'reading', body }], { nowMs: Date.now(), zone: 'UTC' }, actId]);
      });
      await Promise.all(acts);
    },
    { ...ids, count },
  );
}

const idIn = (page: Page, place: string) => page.url().split(`/${place}/`)[1]!.split(/[/?]/)[0]!;

test('two tabs append 200 readings each: 400 are there and both tabs show them', async ({
  context,
}) => {
  const left = await context.newPage();
  await left.addInitScript(keepWorker);
  await left.goto(ownUrl());
  await addPen(left, /pH, two points/, 'P1');
  const penId = idIn(left, 'pens');
  await addTank(left, 'Basil', 'basil');
  const tankId = idIn(left, 'tanks');
  const right = await context.newPage();
  await right.addInitScript(keepWorker);
  await right.goto(ownUrl());
  await goTo(right, 'Book');
  await goTo(left, 'Book');
  await Promise.all([
    appendReadings(left, { tankId, penId }, 200),
    appendReadings(right, { tankId, penId }, 200),
  ]);
  for (const tab of [left, right])
    await expect(tab.getByText('400 entries.', { exact: false })).toBeVisible();
  await right.reload();
  await expect(right.getByText('400 entries.', { exact: false })).toBeVisible();
});
