import type { Lot, OwnProduct, Water } from '@/records/kinds';
import { discard, make, save, type Act, type Known } from './act';

/** A new lot, or another description of one. */
export const saveLot = (lot: Known<'lot'> | undefined, body: Lot): Act => ({
  said: lot ? 'The lot is changed.' : 'The lot is on the Shelf.',
  changes: [save('lot', lot, body)],
});

/** A bottle or box that is used up. */
export const useUpLot = (lot: Known<'lot'>, body: Lot): Act => ({
  said: 'It is used up.',
  changes: [save('lot', lot, { ...body, left: 0 })],
});

/** A bottle opened: its life after opening begins. `at` is an ISO instant. */
export const openLot = (lot: Known<'lot'>, body: Lot, at: string): Act => ({
  said: 'Opened today.',
  changes: [save('lot', lot, { ...body, openedAt: at })],
});

/** A lot taken off the Shelf. */
export const removeLot = (lot: Known<'lot'>): Act => ({
  said: 'The lot is off the Shelf.',
  changes: [discard('lot', lot)],
});

/** Powder sachets dissolved now: one lot each. */
export const mixSachets = (
  nominals: readonly number[],
  { nowMs, madeMl }: { readonly nowMs: number; readonly madeMl: number },
): Act => ({
  said: 'What was mixed is on the Shelf.',
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
  said: `${body.name} is ${product ? 'changed' : 'added'}.`,
  changes: [save('product', product, body)],
});

/** A water that tanks are filled with. */
export const saveWater = (water: Known<'water'> | undefined, body: Water): Act => ({
  said: `${body.name} is ${water ? 'changed' : 'added'}.`,
  changes: [save('water', water, body)],
});
