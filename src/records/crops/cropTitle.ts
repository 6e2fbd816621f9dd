interface Stage {
  readonly crop: string;
  readonly stage: string;
}

/** A stage as it is shown: a crop that has only one does not name it. */
export const stageTitle = (stage: string): string => (stage === 'all' ? '' : stage);

/** A crop and its stage as they are shown; empty where neither is said. */
export const cropTitle = ({ crop, stage }: Stage): string =>
  [crop, stageTitle(stage)].filter(Boolean).join(', ');
