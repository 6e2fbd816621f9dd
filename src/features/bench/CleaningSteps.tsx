import { Panel } from '@/ui/layout';
import { Say } from '@/ui/text';
import { CARE_CARDS } from '@/words/care/careCards';

/** The usual cleaning, step by step; booked when the point is repeated. */
export function CleaningSteps({ quantity }: { readonly quantity: 'ph' | 'ec' }) {
  const card = CARE_CARDS.find(({ what, side }) => what === 'clean' && side === quantity);
  // The first step asks for the check that was just done.
  const steps = card?.steps.slice(1) ?? [];
  return (
    <Panel>
      <Say bold>{card?.title}</Say>
      {steps.map((step, at) => (
        <Say key={step}>
          {at + 1}. {step}
        </Say>
      ))}
    </Panel>
  );
}
