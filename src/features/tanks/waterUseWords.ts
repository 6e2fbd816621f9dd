import type { WaterUseAnswer } from '@/book/answers';
import type { Formats } from '@/words';

const FASTER = {
  water:
    'Water goes faster than salts, so EC climbs between top-ups: warm days, or a feed stronger than they eat.',
  salts: 'Salts go faster than water, so EC falls between top-ups: they eat more than they drink.',
  alike: 'Water and salts go alike: EC holds.',
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
  const rate = `${formats.number(Math.abs(value), 2)} ± ${spread} a day`;
  if (Math.abs(value) < 2 * stdU)
    return `Left alone its pH goes nowhere that can be told from scatter (${rate}).`;
  return value > 0
    ? `Left alone its pH climbs ${rate}: usual where plants take up nitrate, and where hard water airs out.`
    : `Left alone its pH falls ${rate}: usual where they take up ammonium, or where roots or algae suffer. Look at the roots.`;
}
