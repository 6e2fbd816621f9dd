import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { DOSE_CAUTION } from '@/words';

/** The cautions for whoever pours; never in the way, always in sight. */
export function Caution({ trained }: { readonly trained: boolean }) {
  return (
    <Panel tone="caution">
      <Say bold>{DOSE_CAUTION.first}</Say>
      {trained ? <Say>{DOSE_CAUTION.trained}</Say> : null}
      <Say size="small">{DOSE_CAUTION.rest}</Say>
    </Panel>
  );
}
