import type { CropTarget } from '@/records/crops';

/** A crop and its stage as they are chosen. */
export const targetName = ({ crop, stage }: Pick<CropTarget, 'crop' | 'stage'>): string =>
  [crop, stage === 'all' ? '' : stage].filter(Boolean).join(', ');
