import { Say } from '@/ui/text';
import { doseSays } from '@/words/dose/dose';
import { noNumberWords, refusalWords } from '@/words/dose/doseWords';
import { useFormats } from '@/shell/formats';
import { ChasingPanel } from './ChasingPanel';
import { ContradictionPanel } from './ContradictionPanel';
import { MixedNow } from './MixedNow';
import { PlanPanel } from './PlanPanel';
import { RefusalPanel } from './RefusalPanel';
import type { Dosing, DosingNow } from './useDosing';

interface Props extends Dosing {
  readonly dosing: DosingNow;
}

/** What to pour, or why nothing, with what can be said to that. */
export function DoseFound({ answer, nowMs, dosing }: Props) {
  const { chosen, planned, plan, amount, refusal } = dosing;
  return (
    <>
      {plan && amount && planned ? (
        <PlanPanel {...{ answer, planned, plan, amount }} product={chosen} />
      ) : null}
      {refusal ? <Refused {...{ answer, refusal }} /> : null}
      {refusal?.reason === 'stillMixing' ? <MixedNow answer={answer} nowMs={nowMs} /> : null}
      {planned ? null : <Say tone="soft">{doseSays.workingItOut}</Say>}
      {refusal?.reason === 'chasing' ? <ChasingPanel onAccept={dosing.acceptChasing} /> : null}
    </>
  );
}

interface RefusedProps {
  readonly answer: Dosing['answer'];
  readonly refusal: NonNullable<DosingNow['refusal']>;
}

function Refused({ answer, refusal }: RefusedProps) {
  const formats = useFormats();
  const { tank, reading, contradiction } = answer;
  if (refusal.reason === 'contradicted' && contradiction)
    return <ContradictionPanel tankId={tank.id} contradiction={contradiction} />;
  const judged = reading?.ph?.judged;
  return (
    <RefusalPanel {...((judged && noNumberWords(judged)) ?? refusalWords(refusal, formats))} />
  );
}
