import type { Page } from '@playwright/test';
import { paths } from '../../src/shell/navigation/paths';

/** The first id that a list's links lead to. */
async function idIn(page: Page, place: string): Promise<string> {
  const links = page.locator(`a[href*="/${place}/"]`);
  await links.first().waitFor();
  const href = (await links.first().getAttribute('href')) ?? '';
  return href.split(`/${place}/`)[1]!.split(/[/?]/)[0]!;
}

/** Every route of the app, with ids of the demo where it wants one. */
export async function everyRoute(page: Page, url: string): Promise<readonly string[]> {
  const ids: Record<string, string> = {};
  for (const [name, place] of [
    ['tank', 'tanks'],
    ['pen', 'pens'],
    ['lot', 'shelf'],
    ['entry', 'book'],
  ] as const) {
    await page.goto(`${url}/${place}`);
    ids[name] = await idIn(page, place);
  }
  await page.goto(`${url}/tanks/waters`);
  ids.water = await idIn(page, 'tanks/waters');
  const idOf: Readonly<Record<string, string | undefined>> = {
    water: ids.water,
    lot: ids.lot,
    editLot: ids.lot,
    // The demo has no product of its own: its screen says so.
    product: 'none',
    entry: ids.entry,
  };
  const ofPen = ['pen', 'editPen', 'bench', 'care', 'compare', 'control', 'probes', 'lookBack'];
  return Object.entries(paths).map(([name, path]) => {
    if (typeof path === 'string') return path;
    const build = path as (id?: unknown, about?: object) => string;
    if (name === 'read') return build();
    const id = idOf[name] ?? (ofPen.includes(name) ? ids.pen : ids.tank);
    return build(id, { quantity: 'ph' });
  });
}
