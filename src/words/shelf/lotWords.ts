import type { LotAnswer } from '@/book/answers';
import type { LotState, ToBuy } from '@/core/lots';
import type { Lot } from '@/records/kinds';
import { counted, shortDay, type Formats } from '@/words';

/** What a lot is called: "7.00 buffer", "1.413 mS/cm standard". */
export function liquidName(lot: Pick<Lot, 'kind' | 'nominal'>, formats: Formats): string {
  const { kind, nominal = 0 } = lot;
  if (kind === 'buffer') return `${formats.number(nominal, 2)} buffer`;
  if (kind === 'ecStandard') return `${formats.ecPlain(nominal)} ${formats.ecUnit} standard`;
  return kind === 'storage' ? 'Storage solution' : 'Cleaning solution';
}

/** How many calibrations are left, in words. */
export function portionsWords({ portionsLeft }: LotState): string {
  if (portionsLeft === undefined) return '';
  return `${counted(portionsLeft, 'calibration')} left`;
}

/** Until when a lot is good, or since when it is not. */
export function dateWords({ word, goodUntilMs }: LotState): string {
  if (word === 'empty') return 'empty';
  if (goodUntilMs === undefined) return '';
  const day = `${shortDay(goodUntilMs, goodUntilMs)} ${new Date(goodUntilMs).getFullYear()}`;
  if (word === 'expired') return `expired ${day}`;
  if (word === 'tooOld') return `too long open since ${day}`;
  return `good until ${day}`;
}

/** A lot's state in one line. */
export function lotWords({ state, body }: LotAnswer): string {
  const portions = body.kind === 'buffer' || body.kind === 'ecStandard' ? portionsWords(state) : '';
  return [portions, dateWords(state)].filter(Boolean).join(', ') || 'no dates noted';
}

/** How a liquid comes. */
export const FORM_WORD: Readonly<Record<Lot['form'], string>> = {
  bottle: 'bottle',
  sachet: 'sachets',
  dissolvedSachet: 'mixed from powder',
};

/** A lot to choose: what it is and its number, with its state below. */
export function lotOption(lot: LotAnswer): { readonly label: string; readonly hint: string } {
  const { form, lotCode, openedAt } = lot.body;
  const opened = form === 'bottle' ? (openedAt ? ', open' : ', sealed') : '';
  const number = lotCode ? ` ${lotCode}` : '';
  return { label: `${FORM_WORD[form]}${number}${opened}`, hint: lotWords(lot) };
}

/** How loudly a lot speaks. */
export const LOT_TONE: Readonly<Record<LotState['word'], 'soft' | 'attention' | 'off'>> = {
  good: 'soft',
  soon: 'attention',
  tooOld: 'off',
  expired: 'off',
  empty: 'off',
};

const BUY_REASON: Readonly<Record<ToBuy['reason'], string>> = {
  none: 'none on the Shelf',
  pastDate: 'all past their date',
  few: 'running low',
  soonPastDate: 'soon past its date',
};

/** One line of the shopping list. */
export function shoppingLine({ need, reason, portionsLeft }: ToBuy, formats: Formats): string {
  const name = liquidName({ kind: need.kind, nominal: need.nominal }, formats);
  const left = reason === 'few' ? `, ${counted(portionsLeft ?? 0, 'portion')} left` : '';
  return `${name}: ${BUY_REASON[reason]}${left}`;
}
