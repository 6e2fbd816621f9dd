import { useState } from 'react';
import { pourDose } from '@/acts';
import { unplannedDose } from '@/acts/pourings';
import type { DoseAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useAct } from '@/book/react';
import { isDry } from '@/core/chemistry';
import { useFormats } from '@/shell/formats';
import { useGoOn } from '@/shell/navigation/useGoOn';
import type { AnyProduct } from '@/features/products/useProducts';
import { Button } from '@/ui/button';
import { Panel } from '@/ui/layout';
import { NumberField } from '@/ui/number-field';
import { Say } from '@/ui/text';
import { parseDecimal } from '@/words';
import { pourInto } from './doseModel';
import { paths } from '@/shell/navigation/paths';
import { doseSays } from '@/words/dose/dose';

/** More than this in one go is a slip of the finger: 20 L, 20 kg. */
const MOST = 20_000;

interface Props {
  readonly answer: DoseAnswer;
  readonly chosen: AnyProduct;
}

/** Zolder plans nothing here; what was poured all the same still belongs in the book. */
export function PouredAnyway({ answer, chosen }: Props) {
  const { act, busy } = useAct();
  const formats = useFormats();
  const goOn = useGoOn();
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState('');
  const [asked, setAsked] = useState(false);
  const unit = isDry(chosen.product) ? 'g' : 'mL';
  const parsed = parseDecimal(typed);
  const amount = parsed.ok && parsed.value > 0 && parsed.value <= MOST ? parsed.value : undefined;
  const book = async () => {
    setAsked(true);
    if (amount === undefined) return;
    const body = unplannedDose(pourInto(answer, thisMoment().nowMs), chosen, amount);
    const said = `${formats.number(amount, amount < 10 ? 2 : 0)} ${unit}`;
    if (await act(pourDose(body, said))) goOn.to(paths.tank(answer.tank.id));
  };
  if (!open)
    return <Button kind="text" label={doseSays.somethingWasPoured} onPress={() => setOpen(true)} />;
  return (
    <Panel>
      <Say bold>{doseSays.bookWhatWasPoured}</Say>
      <Say size="small">{doseSays.pouredWithoutPlan(chosen.name)}</Say>
      <NumberField
        label={doseSays.poured}
        unit={unit}
        typed={typed}
        onType={setTyped}
        size="large"
        message={asked && amount === undefined ? { text: doseSays.amountNeeded(unit) } : undefined}
      />
      <Button wet label={doseSays.bookIt} disabled={busy} onPress={book} />
    </Panel>
  );
}
