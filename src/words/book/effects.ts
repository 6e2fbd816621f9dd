import type { AmendEffects } from '@/book/answers';
import { counted } from '../counted';

/** What an amendment changed beside the entry itself, as it is told once it is saved. */
export function effectWords({ readings, plans, pens, lots }: AmendEffects): string {
  const parts = [
    readings > 0 ? counted(readings, 'other reading') : '',
    plans > 0 ? counted(plans, 'dose plan') : '',
    pens.length > 0 ? `the state of ${pens.join(', ')}` : '',
    lots > 0 ? `what is left of ${counted(lots, 'lot')}` : '',
  ].filter(Boolean);
  return parts.length === 0 ? 'Nothing else changes by it.' : `It changes ${parts.join(', ')}.`;
}
