import type { LotId, PenId, ProductId, RecordId, TankId, WaterId } from '@/records';

declare const PATH: unique symbol;

/** Where a screen is: made only here, so that no screen is led to by a name mistyped. */
export type Path = string & { readonly [PATH]: true };

const at = (text: string): Path => text as Path;

/** A path with what stands behind the question mark; values that are absent are left out. */
function asking(path: string, values: Readonly<Record<string, string | number | undefined>>): Path {
  const told = Object.entries(values).flatMap(([name, value]) =>
    value === undefined ? [] : [[name, String(value)]],
  );
  return at(told.length === 0 ? path : `${path}?${new URLSearchParams(told).toString()}`);
}

type Quantity = 'ph' | 'ec';

/** Every screen of the app, by what it is about. */
export const paths = {
  round: at('/'),
  read: (about: { readonly tank?: TankId; readonly sample?: string; readonly pen?: PenId } = {}) =>
    asking('/read', about),

  tanks: at('/tanks'),
  newTank: at('/tanks/new'),
  newSpot: at('/tanks/new-place'),
  tankOrder: at('/tanks/order'),
  tank: (id: TankId) => at(`/tanks/${id}`),
  editTank: (id: TankId) => at(`/tanks/${id}/edit`),
  bands: (id: TankId, sample?: string) => asking(`/tanks/${id}/bands`, { sample }),
  plan: (id: TankId) => at(`/tanks/${id}/plan`),
  alpha: (id: TankId) => at(`/tanks/${id}/alpha`),
  dose: (id: TankId) => at(`/tanks/${id}/dose`),
  whyDose: (id: TankId, product?: ProductId) => asking(`/tanks/${id}/why-dose`, { product }),
  learned: (id: TankId, product?: ProductId) => asking(`/tanks/${id}/learned`, { product }),
  jar: (id: TankId, product?: ProductId) => asking(`/tanks/${id}/jar`, { product }),
  ec: (id: TankId, product?: ProductId) => asking(`/tanks/${id}/ec`, { product }),
  topUp: (id: TankId) => at(`/tanks/${id}/water`),
  waters: at('/tanks/waters'),
  newWater: at('/tanks/waters/new'),
  mixWaters: at('/tanks/waters/mix'),
  water: (id: WaterId) => at(`/tanks/waters/${id}`),

  pens: at('/pens'),
  newPen: at('/pens/new'),
  pen: (id: PenId) => at(`/pens/${id}`),
  editPen: (id: PenId) => at(`/pens/${id}/edit`),
  bench: (id: PenId, about: { readonly quantity?: Quantity; readonly then?: Quantity } = {}) =>
    asking(`/pens/${id}/bench`, about),
  care: (id: PenId) => at(`/pens/${id}/care`),
  control: (id: PenId) => at(`/pens/${id}/control`),
  compare: (id: PenId) => at(`/pens/${id}/compare`),
  probes: (id: PenId) => at(`/pens/${id}/probes`),
  lookBack: (id: PenId, about: { readonly quantity: Quantity; readonly at?: number }) =>
    asking(`/pens/${id}/look-back`, about),

  shelf: at('/shelf'),
  newLot: at('/shelf/new'),
  lot: (id: LotId) => at(`/shelf/${id}`),
  editLot: (id: LotId) => at(`/shelf/${id}/edit`),
  products: at('/shelf/products'),
  newProduct: at('/shelf/products/new'),
  product: (id: ProductId) => at(`/shelf/products/${id}`),

  book: at('/book'),
  takeIn: at('/take-in'),
  takeOut: (about: Readonly<Record<string, string | undefined>> = {}) => asking('/take-out', about),
  print: (
    about: { readonly what?: 'check' | 'pen' | 'pens' | 'tank'; readonly id?: string } = {},
  ) => asking('/print', about),
  entry: (id: RecordId) => at(`/book/${id}`),
  bookFile: at('/book-file'),
  bookState: at('/book-state'),
  erase: at('/erase'),
  settings: at('/settings'),
  phones: at('/phones'),
  together: at('/together'),
  labels: (what?: 'tank' | 'pen' | 'lot') => asking('/labels', { what }),
  scan: at('/scan'),
  label: (code: string) => at(`/L/${code}`),
  help: at('/help'),
  practice: at('/practice'),
  why: at('/practice/why'),
  practiceRun: (code: string) => asking('/practice/run', { code }),
  practiceOwn: (about: { readonly pen: string; readonly age: number; readonly fault: string }) =>
    asking('/practice/run', { ...about }),
  welcome: at('/welcome'),
} as const;

/** The Book, showing only what is about these. */
export const inBook = (about: {
  readonly lot?: string;
  readonly pen?: string;
  readonly tank?: string;
  readonly kind?: string;
}): Path => asking(paths.book, about);

/** The same screen as a stop of the walk: on a phone it takes the whole screen. */
export const inWalk = (path: Path): Path => at(`${path}${path.includes('?') ? '&' : '?'}walk=1`);
