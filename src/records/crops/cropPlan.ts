import type { PlanStage, Tank } from '../kinds';

/** A plan in the order of its days. */
export const byDay = (plan: readonly PlanStage[]): readonly PlanStage[] =>
  [...plan].sort((a, b) => (a.day < b.day ? -1 : 1));

/** A tank as its plan has it in a stage: its crop and bands; without a stage it is as written. */
export function inStage(tank: Tank, stage: PlanStage | undefined): Tank {
  if (!stage) return tank;
  const { crop, phBand, ecBand } = stage;
  return { ...tank, crop: crop || tank.crop, stage: stage.stage, phBand, ecBand };
}

/**
 * A tank whose crop and bands were said anew: while the stage of its plan that began on `stageDay`
 * holds, the stage is what changes, so that the next one still begins on its day.
 */
export function describedAnew(written: Tank, described: Tank, stageDay: string | undefined): Tank {
  const plan = written.plan ?? [];
  const { crop, stage, phBand, ecBand } = described;
  if (!phBand || !ecBand || !plan.some(({ day }) => day === stageDay)) return described;
  return {
    ...described,
    crop: written.crop,
    stage: written.stage,
    phBand: written.phBand,
    ecBand: written.ecBand,
    plan: plan.map((each) =>
      each.day === stageDay ? { ...each, crop, stage, phBand, ecBand } : each,
    ),
  };
}
