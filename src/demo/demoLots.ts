import { DAY_MS } from '@/core/units';
import type { Lot } from '@/records';

interface Bottle {
  readonly kind: Lot['kind'];
  readonly form: Lot['form'];
  readonly nominal?: number;
  readonly lotCode: string;
  readonly expiresInDays: number;
  readonly openedDaysAgo?: number;
  readonly left: number;
}

const BOTTLES: readonly Bottle[] = [
  {
    kind: 'buffer',
    form: 'bottle',
    nominal: 7,
    lotCode: 'A-4471',
    expiresInDays: 320,
    openedDaysAgo: 30,
    left: 210,
  },
  {
    kind: 'buffer',
    form: 'bottle',
    nominal: 4.01,
    lotCode: 'A-3902',
    expiresInDays: 290,
    openedDaysAgo: 30,
    left: 95,
  },
  {
    kind: 'buffer',
    form: 'bottle',
    nominal: 10.01,
    lotCode: 'A-2210',
    expiresInDays: -23,
    openedDaysAgo: 150,
    left: 180,
  },
  {
    kind: 'buffer',
    form: 'dissolvedSachet',
    nominal: 6.86,
    lotCode: 'S-118',
    expiresInDays: 200,
    openedDaysAgo: 9,
    left: 170,
  },
  {
    kind: 'buffer',
    form: 'dissolvedSachet',
    nominal: 4,
    lotCode: 'S-121',
    expiresInDays: 200,
    openedDaysAgo: 9,
    left: 170,
  },
  { kind: 'buffer', form: 'sachet', nominal: 9.18, lotCode: 'S-130', expiresInDays: 200, left: 3 },
  {
    kind: 'ecStandard',
    form: 'bottle',
    nominal: 1.413,
    lotCode: 'K-077',
    expiresInDays: 250,
    openedDaysAgo: 25,
    left: 140,
  },
  {
    kind: 'ecStandard',
    form: 'bottle',
    nominal: 2.77,
    lotCode: 'K-081',
    expiresInDays: 8,
    openedDaysAgo: 60,
    left: 60,
  },
  {
    kind: 'storage',
    form: 'bottle',
    lotCode: 'C-15',
    expiresInDays: 400,
    openedDaysAgo: 50,
    left: 120,
  },
];

/** The Shelf of the glasshouse, its 10.01 past its date. */
export function demoLots(nowMs: number): readonly Lot[] {
  const instant = (days: number) => new Date(nowMs + days * DAY_MS).toISOString();
  return BOTTLES.map(({ expiresInDays, openedDaysAgo, ...bottle }) => ({
    ...bottle,
    expiresAt: instant(expiresInDays),
    openedAt: openedDaysAgo === undefined ? undefined : instant(-openedDaysAgo),
    note: '',
  }));
}
