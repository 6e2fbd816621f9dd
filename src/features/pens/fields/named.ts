import { z } from 'zod';
import { CHECK_POLICIES, USES_BETWEEN_CHECKS } from '@/core/schedule';
import { dayLine } from '@/features/parts/fields/kinds';
import { marked, typedNumberOrNothing } from '@/features/parts/typedNumber';
import type { Pen } from '@/records/kinds';
import type { Formats } from '@/words';
import { commonSays } from '@/words/common';
import { onPapers, penField } from './onPen';
import { TOLERANCE_OPTIONS } from '@/words/tolerance';
import { nameText } from '@/records/kinds/common';

/** What a pen is called. */
export const namedFields = () => ({
  code: penField({
    label: 'Code',
    hint: 'As written on the pen: P1, P2…',
    schema: z.string().trim().min(1, 'A short code, e.g. P1.').max(4, 'Four signs at most.'),
    from: (pen) => pen.code,
    into: (code, pen) => ({ ...pen, code }),
  }),
  name: penField({
    label: 'Name',
    beside: 'wide',
    schema: nameText,
    from: (pen) => pen.name,
    into: (name, pen) => ({ ...pen, name }),
  }),
  adjustedOn: dayLine<Pen>({
    label: 'Adjusted by its factory or dealer on',
    hint: 'Its first session: good to the maker’s accuracy until its first check.',
    from: ({ papers }) => papers?.adjustedOn,
    into: (day, pen) => onPapers(pen, { adjustedOn: day || undefined }),
  }),
});

/** How often it is checked and cleaned, and how far off is good enough. */
export const policyFields = (formats: Formats) => ({
  checkPolicy: penField({
    label: 'How often is it checked?',
    disputed: 'frequency',
    options: [
      { value: 'everyUse', label: 'before every use' },
      { value: 'daily', label: 'every day' },
      { value: 'weekly', label: 'every week', hint: 'check first, adjust only if out' },
      { value: 'weeklyAdjust', label: 'every week, always adjust' },
      { value: 'monthly', label: 'every 30 days', hint: 'or when its mark goes out' },
      { value: 'quarterly', label: 'every 90 days' },
      { value: 'afterUses', label: 'after so many readings' },
      {
        value: 'ownDrift',
        label: 'by its own drift',
        hint: 'from two checks on; weekly until then',
      },
      { value: 'onlyWhenDoubted', label: 'only when doubted' },
    ],
    schema: z.enum(CHECK_POLICIES),
    from: (pen) => pen.checkPolicy,
    into: (checkPolicy, pen) => ({ ...pen, checkPolicy }),
  }),
  usesAllowed: penField({
    label: 'Readings between checks',
    hint: `Empty: ${USES_BETWEEN_CHECKS}.`,
    numeric: true,
    when: ({ checkPolicy }) => checkPolicy === 'afterUses',
    schema: typedNumberOrNothing('number of readings').refine(
      (n) => n === undefined || (Number.isInteger(n) && n >= 1 && n <= 1000),
      'A whole number from 1 to 1000.',
    ),
    from: ({ usesAllowed }) => (usesAllowed ? marked(formats)(usesAllowed) : ''),
    into: (usesAllowed, pen) => ({ ...pen, usesAllowed }),
  }),
  cleaningPolicy: penField({
    label: 'How often is it cleaned?',
    disputed: 'cleaningInterval',
    options: [
      { value: 'byUse', label: 'by its use', hint: 'weekly in heavy use, else monthly' },
      { value: 'weekly', label: 'every week' },
      { value: 'monthly', label: 'every month' },
      {
        value: 'beforeEachCheck',
        label: 'after each as found',
        hint: 'others clean only when slow or off',
      },
    ],
    schema: z.enum(['byUse', 'weekly', 'monthly', 'beforeEachCheck']),
    from: (pen) => pen.cleaningPolicy,
    into: (cleaningPolicy, pen) => ({ ...pen, cleaningPolicy }),
  }),
  keptBy: penField({
    label: commonSays.whoLooksAfterIt,
    hint: commonSays.initialsOrEverybody,
    schema: z.string().trim().max(4, 'Four signs at most.'),
    from: ({ keptBy }) => keptBy ?? '',
    into: (keptBy, pen) => ({ ...pen, keptBy: keptBy.toUpperCase() || undefined }),
  }),
  tolerancePolicy: penField({
    label: 'How far off is good enough?',
    disputed: 'tolerance',
    options: TOLERANCE_OPTIONS,
    schema: z.enum(['laboratory', 'normal', 'relaxed']),
    from: (pen) => pen.tolerancePolicy,
    into: (tolerancePolicy, pen) => ({ ...pen, tolerancePolicy }),
  }),
});
