import type { RowTrouble, TableRefusal } from '@/book/answers';
import { ROLE_WORD } from './intake';
import { QUANTITY_NAME } from '../quantityName';

/** Why a row is not taken in, beside its line. */
export function troubleSentence(trouble: RowTrouble): string {
  switch (trouble.reason) {
    case 'noMoment':
      return 'No date stands there.';
    case 'badMoment':
      return `“${trouble.text}” is no date and time.`;
    case 'ahead':
      return 'It is later than now.';
    case 'longAgo':
      return 'It is from before 1990.';
    case 'noValue':
      return 'Neither a pH nor an EC stands there.';
    case 'notNumber':
      return `“${trouble.text}” in ${ROLE_WORD[trouble.role]} is no number.`;
    case 'outside':
      return `${trouble.value} in ${ROLE_WORD[trouble.role]} is not between ${trouble.from} and ${trouble.to}.`;
    case 'unknownSample':
      return `“${trouble.text}” is nothing that is read.`;
    case 'unknownScale':
      return `“${trouble.text}” is no scale of EC.`;
    case 'noPlace':
      return trouble.name ? `No place is chosen for “${trouble.name}”.` : 'No place is chosen.';
    case 'noPen':
      return trouble.name ? `No pen is chosen for “${trouble.name}”.` : 'No pen is chosen.';
    case 'penLacks':
      return `The pen ${trouble.name} does not read ${QUANTITY_NAME[trouble.quantity]}.`;
    case 'unknownBuffer':
      return `“${trouble.text}” is no buffer or standard.`;
    case 'noFound':
      return 'What the pen showed as found is missing.';
    case 'erased':
      return 'What happened then was erased for good.';
    case 'double':
      return 'It is in the book already.';
  }
}

/** The same for many rows at once. */
export const REASON_WORD: Readonly<Record<RowTrouble['reason'], string>> = {
  noMoment: 'No date',
  badMoment: 'Not a date and time',
  ahead: 'Later than now',
  longAgo: 'From before 1990',
  noValue: 'Neither pH nor EC',
  notNumber: 'Not a number',
  outside: 'Outside what a pen can show',
  unknownSample: 'Not known what was read',
  unknownScale: 'Not a scale of EC',
  noPlace: 'Place left out, or not chosen yet',
  noPen: 'Pen left out, or not chosen yet',
  penLacks: 'The pen does not read this',
  unknownBuffer: 'Not a buffer or standard',
  noFound: 'As found is missing',
  erased: 'Erased for good',
  double: 'In the book already',
};

/** Why a file is no table. */
export function tableRefusal(refusal: TableRefusal): string {
  switch (refusal.reason) {
    case 'empty':
      return 'The file is empty.';
    case 'oneColumn':
      return 'The file is no table: it has a single column.';
    case 'tooLarge':
      return `The file has ${refusal.megabytes} MB; up to 100 MB can be taken in. Split it.`;
  }
}
