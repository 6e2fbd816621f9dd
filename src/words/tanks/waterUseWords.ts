import type { TopUpWeek, WaterUseAnswer } from '@/book/answers';
import type { Formats } from '@/words';

const FASTER = {
  water:
    'Water goes faster than salts, so EC climbs between top-ups. It does so on warm days, or where the feed is stronger than the plants use.',
  salts:
    'Salts go faster than water, so EC falls between top-ups. The plants use more salts than water.',
  alike: 'Water and salts go at the same rate, so EC holds.',
} as const;

/** Daily use in a sentence or two. */
export function waterUseWords(use: NonNullable<WaterUseAnswer['use']>, formats: Formats): string {
  const { waterLPerDay, faster } = use;
  if (waterLPerDay <= 0) return 'The level did not fall between readings: is a top-up not booked?';
  return `${formats.volume(waterLPerDay)} a day. ${FASTER[faster]}`;
}

/** Which way the pH goes by itself, and what that usually means. */
export function phTrendWords(
  { value, stdU }: NonNullable<WaterUseAnswer['phPerDay']>,
  formats: Formats,
): string {
  const spread = formats.number(2 * stdU, 2);
  const rate = `${formats.number(Math.abs(value), 2)} ± ${spread} pH a day`;
  if (Math.abs(value) < 2 * stdU) return `Left alone, its pH shows no clear trend yet (${rate}).`;
  return value > 0
    ? `Left alone, its pH climbs ${rate}. That is usual where plants take up nitrate, and where hard water loses its carbon dioxide.`
    : `Left alone, its pH falls ${rate}. That is usual where plants take up ammonium, or where roots or algae suffer. Look at the roots.`;
}

/** A rise smaller than this is not worth a word, pH. */
const LEAST_TOLD_PH = 0.05;

/** What a week of top-ups does to the pH, by their water alone. */
export function topUpWords(week: TopUpWeek, formats: Formats): string {
  const { litresPerDay, broughtMeqPerL, fromPh, toPh } = week;
  const brings = `At ${formats.volume(litresPerDay)} a day, a week of top-ups brings ${formats.number(broughtMeqPerL, 2)} meq/L of alkalinity`;
  if (Math.abs(toPh.mean - fromPh) < LEAST_TOLD_PH) return `${brings}. That hardly changes the pH.`;
  const range = `${formats.number(toPh.low, 1)} to ${formats.number(toPh.high, 1)}`;
  return `${brings}. That alone would raise the pH from ${formats.number(fromPh, 1)} to about ${formats.number(toPh.mean, 1)} (${range}). What the plants take up comes on top.`;
}
