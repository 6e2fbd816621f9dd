import { z } from 'zod';
import { fieldOf } from '@/features/parts/fields/field';
import { numberOrNothing } from '@/features/parts/fields/kinds';
import { marked } from '@/features/parts/typedNumber';
import type { Tank } from '@/records/kinds';
import type { Formats } from '@/words';
import { commonSays } from '@/words/common';

/** A tank is read at least so often, days. */
const MOST_DAYS = 90;

/** How often it is read: a tank, or a place without one. */
export const everyField = <Body extends Pick<Tank, 'readEveryDays'>>(formats: Formats) =>
  fieldOf<Body | undefined>()({
    label: 'Read it every',
    unit: 'days',
    hint: 'Empty: every day. Out of its band, it stands on the Round every day.',
    numeric: true,
    schema: numberOrNothing('number of days', {
      from: 1,
      to: MOST_DAYS,
      message: `A whole number from 1 to ${MOST_DAYS}.`,
    }).refine(
      (days) => days === undefined || Number.isInteger(days),
      `A whole number from 1 to ${MOST_DAYS}.`,
    ),
    from: (tank) => marked(formats)(tank?.readEveryDays),
  });

/** Whose Round it stands on. */
export const keptByField = <Body extends Pick<Tank, 'keptBy'>>() =>
  fieldOf<Body | undefined>()({
    label: commonSays.whoLooksAfterIt,
    hint: commonSays.initialsOrEverybody,
    schema: z.string().trim().max(4, 'Four signs at most.'),
    from: (tank) => tank?.keptBy ?? '',
  });
