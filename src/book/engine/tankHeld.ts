import type { StageNews } from '@/book/answers';
import { factsAt, type Tank } from '@/records';
import type { PlanStage } from '@/records/kinds';
import { byDay, inStage } from '@/records/crops';
import type { BookState, LiveRecord } from './bookState';
import { houseDays } from './houseDays';

/** A stage of a plan and when its day begins, epoch ms. */
interface Begins {
  readonly atMs: number;
  readonly stage: PlanStage;
}

/** Plans by their days, each worked out once. */
const begun = new WeakMap<readonly PlanStage[], readonly Begins[]>();

/** The stages of a tank with when each begins where the house stands. */
export function stageDays(book: BookState, { plan }: Tank): readonly Begins[] {
  if (!plan) return [];
  const found = begun.get(plan);
  if (found) return found;
  const days = houseDays(book);
  const made = byDay(plan).map((stage) => ({ atMs: days.beginsMs(stage.day), stage }));
  begun.set(plan, made);
  return made;
}

/** Which tanks in use go on to another stage of their plan within a span of time. */
export const stagesBegun = (book: BookState, fromMs: number, toMs: number): StageNews[] =>
  book.all('tank').flatMap(({ id, body }) =>
    body.retired
      ? []
      : stageDays(book, body)
          .filter(({ atMs }) => atMs >= fromMs && atMs < toMs)
          .map(({ stage }) => ({ tankId: id, tankName: body.name, stage })),
  );

/** A tank as it stood at a moment: what was said of it for then, and the stage of its plan. */
export function tankHeldAt(book: BookState, record: LiveRecord<'tank'>, atMs: number): Tank {
  const { body, revisions } = record;
  const facts = revisions.length === 1 ? body : (factsAt(revisions, atMs) ?? body);
  return inStage(facts, stageAt(book, facts, atMs));
}

/** The stage of its plan that a tank is in at a moment; undefined before the first, or without a plan. */
export const stageAt = (book: BookState, tank: Tank, atMs: number): PlanStage | undefined =>
  stageDays(book, tank).findLast((begins) => begins.atMs <= atMs)?.stage;
