import type { Lot, OwnProduct, Water } from '@/records/kinds';
import { discard, make, save, type Act, type Known } from './act';

/** A new lot, or another description of one. */
export const saveLot = (lot: Known<'lot'> | undefined, body: Lot): Act => ({
  done: { what: lot ? 'lotChanged' : 'lotAdded' },
  changes: [save('lot', lot, body)],
});

/** A bottle or box that is used up. */
export const useUpLot = (lot: Known<'lot'>, body: Lot): Act => ({
  done: { what: 'usedUp' },
  changes: [save('lot', lot, { ...body, left: 0 })],
});

/** A bottle opened: its life after opening begins. `at` is an ISO instant. */
export const openLot = (lot: Known<'lot'>, body: Lot, at: string): Act => ({
  done: { what: 'opened' },
  changes: [save('lot', lot, { ...body, openedAt: at })],
});

/** A lot taken off the Shelf. */
export const removeLot = (lot: Known<'lot'>): Act => ({
  done: { what: 'lotRemoved' },
  changes: [discard('lot', lot)],
});

/** Powder sachets dissolved now: one lot each. */
export const mixSachets = (
  nominals: readonly number[],
  { nowMs, madeMl }: { readonly nowMs: number; readonly madeMl: number },
): Act => ({
  done: { what: 'sachetsMixed' },
  changes: nominals.map((nominal) =>
    make('lot', {
      kind: 'buffer',
      form: 'dissolvedSachet',
      nominal,
      lotCode: '',
      openedAt: new Date(nowMs).toISOString(),
      left: madeMl,
      note: 'Mixed from a powder sachet.',
    }),
  ),
});

/** A product from its label. */
export const saveProduct = (product: Known<'product'> | undefined, body: OwnProduct): Act => ({
  done: { what: product ? 'changed' : 'added', name: body.name },
  changes: [save('product', product, body)],
});

/** A water that tanks are filled with. */
export const saveWater = (water: Known<'water'> | undefined, body: Water): Act => ({
  done: { what: water ? 'changed' : 'added', name: body.name },
  changes: [save('water', water, body)],
});
