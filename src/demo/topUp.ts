import type { Addition } from '@/records';
import type { LiveTank } from './hiddenLives';

/** Each tank is topped up about once in so many days. */
const EVERY_DAYS = 11;
/** By this share of its volume. */
const SHARE = 0.12;

/** Water poured into a tank on its day, or nothing. */
export function topUp(tank: LiveTank, daysAgo: number, atMs: number): Addition | undefined {
  const { place, volumeL } = tank.demo.tank;
  if ((daysAgo + place) % EVERY_DAYS !== 0) return undefined;
  return {
    tankId: tank.id,
    at: new Date(atMs).toISOString(),
    what: 'water',
    productName: 'town and rain water',
    waterL: Math.round(SHARE * volumeL),
    tankVolumeL: volumeL,
    note: '',
  };
}

/** What stands in a tank when it is read: it falls from one top-up to the next. */
export function levelL(tank: LiveTank, daysAgo: number): number {
  const { place, volumeL } = tank.demo.tank;
  const left = (daysAgo + place) % EVERY_DAYS;
  const since = left === 0 ? EVERY_DAYS : EVERY_DAYS - left;
  return Math.round(volumeL * (1 - (SHARE * since) / EVERY_DAYS));
}
