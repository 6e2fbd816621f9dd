import { DAY_MS } from '@/core/units';
import type { TankColumns, WaterUseAnswer } from '@/book/answers';
import { waterBalance } from '@/core/dosing';
import { additionsOf, type TimedAddition } from './additions';
import type { BookState } from './bookState';
import { recentColumns } from './tankColumns';
import { topUpWeek } from './topUpWeek';
import type { TankId } from '@/records';

/** How far back use is looked at, days. */
const WINDOW_DAYS = 28;
/** Levels closer than this tell more of the reading than of the plants, days. */
const LEAST_DAYS = 0.4;
/** Fewer stretches than this tell no pH trend. */
const LEAST_STRETCHES = 3;

/** EC of what a tank is topped up with, from its waters; pure water where nothing is known. */
function topUpEc(book: BookState, id: TankId): number {
  const waters = book.record('tank', id)?.body.waters ?? [];
  return waters.reduce(
    (sum, { waterId, share }) => sum + share * (book.record('water', waterId)?.body.ecMsPerCm ?? 0),
    0,
  );
}

/** Readings of the window that have all of the columns asked for. */
function readingsWith(
  columns: TankColumns,
  names: readonly ('ph' | 'ec' | 'volumeL')[],
  sinceMs: number,
) {
  const found: number[] = [];
  columns.atMs.forEach((atMs, at) => {
    if (atMs >= sinceMs && names.every((name) => Number.isFinite(columns[name][at]!)))
      found.push(at);
  });
  return found;
}

const between = (additions: readonly TimedAddition[], fromMs: number, toMs: number) =>
  additions.filter(({ atMs }) => atMs > fromMs && atMs <= toMs);

/** Water and salts over all stretches between two levels with nothing but water poured in. */
function waterAndSalts(book: BookState, id: TankId, sinceMs: number): WaterUseAnswer['use'] {
  const columns = recentColumns(book, id, sinceMs);
  const additions = additionsOf(book, id);
  const wateredEc = topUpEc(book, id);
  const levels = readingsWith(columns, ['ec', 'volumeL'], sinceMs);
  const sum = { days: 0, water: 0, salt: 0, held: 0, heldSalt: 0 };
  levels.slice(1).forEach((to, index) => {
    const from = levels[index]!;
    const [fromMs, toMs] = [columns.atMs[from]!, columns.atMs[to]!];
    const days = (toMs - fromMs) / DAY_MS;
    const poured = between(additions, fromMs, toMs);
    const upset = poured.some(({ record }) =>
      ['stock', 'drain', 'change'].includes(record.body.what),
    );
    const level = (at: number) => ({
      atMs: columns.atMs[at]!,
      volumeL: columns.volumeL[at]!,
      ecMsPerCm: columns.ec[at]!,
    });
    if (days < LEAST_DAYS || upset || level(from).volumeL <= 0 || level(to).volumeL <= 0) return;
    const volumeL = poured.reduce((all, { record }) => all + (record.body.waterL ?? 0), 0);
    const balance = waterBalance(level(from), level(to), { volumeL, ecMsPerCm: wateredEc });
    sum.days += days;
    sum.water += balance.waterLPerDay * days;
    sum.salt += balance.saltPerDay * days;
    sum.held += level(from).volumeL;
    sum.heldSalt += level(from).volumeL * level(from).ecMsPerCm;
  });
  if (sum.days === 0) return undefined;
  // The same words as for one stretch, for all of them together.
  const [water, salts] = [sum.water / sum.held, sum.salt / Math.max(sum.heldSalt, 1e-9)];
  const alike = Math.abs(water - salts) < 0.1 * Math.max(Math.abs(water), Math.abs(salts), 1e-9);
  return {
    days: sum.days,
    waterLPerDay: sum.water / sum.days,
    saltPerDay: sum.salt / sum.days,
    faster: alike ? 'alike' : water > salts ? 'water' : 'salts',
  };
}

/** Which way the pH goes by itself: the mean of all stretches with nothing poured. */
function phTrendOf(book: BookState, id: TankId, sinceMs: number): WaterUseAnswer['phPerDay'] {
  const columns = recentColumns(book, id, sinceMs);
  const additions = additionsOf(book, id);
  const readings = readingsWith(columns, ['ph'], sinceMs);
  const rates = readings.slice(1).flatMap((to, index) => {
    const from = readings[index]!;
    const days = (columns.atMs[to]! - columns.atMs[from]!) / DAY_MS;
    const quiet = between(additions, columns.atMs[from]!, columns.atMs[to]!).length === 0;
    return quiet && days >= LEAST_DAYS ? [(columns.ph[to]! - columns.ph[from]!) / days] : [];
  });
  if (rates.length < LEAST_STRETCHES) return undefined;
  const value = rates.reduce((all, rate) => all + rate, 0) / rates.length;
  const squares = rates.reduce((all, rate) => all + (rate - value) ** 2, 0);
  return { value, stdU: Math.sqrt(squares / (rates.length - 1) / rates.length) };
}

/** What a tank's plants took of water and salts over the last four weeks, and its pH by itself. */
export function waterUseAnswer(book: BookState, id: TankId, nowMs: number): WaterUseAnswer {
  const sinceMs = nowMs - WINDOW_DAYS * DAY_MS;
  const use = waterAndSalts(book, id, sinceMs);
  const phPerDay = phTrendOf(book, id, sinceMs);
  const topUps = topUpWeek(book, id, nowMs);
  return {
    ...(use ? { use } : {}),
    ...(phPerDay ? { phPerDay } : {}),
    ...(topUps ? { topUps } : {}),
  };
}
