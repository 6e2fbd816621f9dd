import type { LotAnswer } from '@/book/answers';
import { dayMonthYear, type Formats } from '@/words';
import { lotSays } from '@/words/shelf/lot';
import { FORM_WORD } from '@/words/shelf/lotWords';

const dayOf = (instant: string) => dayMonthYear(Date.parse(instant));

/** What is known of a lot besides its state, a line each; what nobody noted is left out. */
export function lotFacts({ body }: LotAnswer, formats: Formats): readonly string[] {
  const { form, lotCode, openedAt, expiresAt, left, alsoMsPerCm } = body;
  return [
    lotCode ? lotSays.number(lotCode) : '',
    lotSays.comesAs(FORM_WORD[form]),
    alsoMsPerCm === undefined
      ? ''
      : lotSays.alsoEc(`${formats.ecPlain(alsoMsPerCm)} ${formats.ecUnit}`),
    expiresAt ? lotSays.expires(dayOf(expiresAt)) : '',
    openedAt ? lotSays.opened(dayOf(openedAt)) : '',
    left === undefined
      ? ''
      : form === 'sachet'
        ? lotSays.sachetsLeft(left)
        : lotSays.mlLeft(formats.number(left, 0)),
  ].filter(Boolean);
}
