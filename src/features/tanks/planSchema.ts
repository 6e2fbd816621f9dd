import { z } from 'zod';
import { dayText, instantOf } from '@/features/parts/days';
import { typedDay } from '@/features/parts/fields/kinds';
import { marked, typedEc } from '@/features/parts/typedNumber';
import { byDay } from '@/records/crops';
import type { PlanStage } from '@/records/kinds';
import type { Formats } from '@/words';
import { planSays } from '@/words/tanks/plan';
import { bandsSays } from '@/words/tanks/bands';
import { phEnd } from './bandFields';

/** A plan as typed: a row each stage; EC in the book's unit. */
export const planSchema = (formats: Formats) => {
  const ecEnd = typedEc(formats, { of: planSays.ofAFeed, from: 0, to: 20 });
  const row = z.object({
    day: typedDay.refine((text) => text !== '', planSays.noDay),
    crop: z.string(),
    stage: z.string().trim().max(200),
    phLow: phEnd,
    phHigh: phEnd,
    ecLow: ecEnd,
    ecHigh: ecEnd,
  });
  return z
    .object({ stages: z.array(row).max(40) })
    .superRefine(({ stages }, context) => {
      const wrong = (at: number, field: string, message: string) =>
        context.addIssue({ code: 'custom', path: ['stages', at, field], message });
      const days = stages.map(({ day }) => dateOf(day));
      stages.forEach((stage, at) => {
        if (days.indexOf(days[at]!) < at) wrong(at, 'day', planSays.sameDay);
        if (stage.phLow >= stage.phHigh) wrong(at, 'phHigh', bandsSays.aboveTheLow);
        if (stage.ecLow >= stage.ecHigh) wrong(at, 'ecHigh', bandsSays.aboveTheLow);
      });
    })
    .transform(({ stages }): readonly PlanStage[] =>
      byDay(
        stages.map(({ day, crop, stage, phLow, phHigh, ecLow, ecHigh }) => ({
          day: dateOf(day),
          crop,
          stage,
          phBand: { low: phLow, high: phHigh },
          ecBand: { low: ecLow, high: ecHigh },
        })),
      ),
    );
};

const dateOf = (typed: string): string => dayText(instantOf(typed));

export type PlanIn = z.input<ReturnType<typeof planSchema>>;
export type PlanOut = z.output<ReturnType<typeof planSchema>>;
export type PlanRow = PlanIn['stages'][number];

/** What a stage is called that is the whole of a crop: nothing. */
const WHOLE_CROP = 'all';

/** A stage as its row opens. */
export function planRow(
  { day, crop, stage, phBand, ecBand }: PlanStage,
  formats: Formats,
): PlanRow {
  const mark = marked(formats, 3);
  return {
    day,
    crop,
    stage: stage === WHOLE_CROP ? '' : stage,
    phLow: mark(phBand.low),
    phHigh: mark(phBand.high),
    ecLow: formats.ecPlain(ecBand.low),
    ecHigh: formats.ecPlain(ecBand.high),
  };
}

/** The next stage of a plan as it opens: the bands of the one before, its day still to be said. */
export const nextRow = (before: PlanRow): PlanRow => ({ ...before, day: '', stage: '' });
