import { useState } from 'react';
import { pourDose } from '@/acts';
import { plannedDose } from '@/acts/pourings';
import type { DoseAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { questions, useAct, useAnswer } from '@/book/react';
import type { AnyProduct } from '@/features/products/useProducts';
import { useFormats } from '@/shell/formats';
import { useKeyAct } from '@/shell/keys/Keys';
import { paths } from '@/shell/navigation/paths';
import { useGoOn } from '@/shell/navigation/useGoOn';
import { parseDecimal } from '@/words';
import { doseSays } from '@/words/dose/dose';
import { amountWords } from '@/words/dose/doseWords';
import { pourInto } from './doseModel';
import { aimOf, useDoseChoice } from './useDoseChoice';

/** A tank that is dosed. */
export interface Dosing {
  readonly answer: DoseAnswer;
  readonly products: readonly AnyProduct[];
  readonly nowMs: number;
}

/** What was chosen for a dose, what is planned by it, and booking what was poured. */
export function useDosing({ answer, products, nowMs }: Dosing) {
  const goOn = useGoOn();
  const formats = useFormats();
  const { act, busy } = useAct();
  const { tank } = answer;
  const { chosen, aim, setProduct, setAim, forget } = useDoseChoice(answer, products);
  const [note, acceptChasing] = useState('');
  const [neverChanged, setNeverChanged] = useState(false);
  const typed = parseDecimal(aim);
  const aimPh = aimOf(aim);
  const aimIsEmpty = !typed.ok && typed.reason === 'empty';
  const wish = { productId: chosen.id, aimPh, chasingAccepted: note !== '', neverChanged };
  const planned = useAnswer(questions.dosePlan(tank.id, wish, nowMs)).data ?? undefined;
  const made = planned?.plan;
  const plan = made?.ok ? made.value : undefined;
  const amount = plan && amountWords(plan, formats);
  const said = amount && `${amount.amount} ${amount.unit}`;
  const pour = async () => {
    if (!planned || !plan || !said) return;
    const { rereadMinutes } = planned;
    const into = pourInto(answer, thisMoment().nowMs);
    const dose = plannedDose(into, chosen, plan, { note, rereadMinutes });
    if (!(await act(pourDose(dose, said)))) return;
    forget();
    goOn.to(paths.tank(tank.id));
  };
  useKeyAct('save', plan ? pour : undefined);
  return {
    chosen,
    setProduct,
    aim,
    setAim,
    aimMessage: aimIsEmpty || aimPh !== undefined ? undefined : { text: doseSays.aimHint },
    acceptChasing,
    neverChanged,
    setNeverChanged,
    planned,
    plan,
    amount,
    /** The amount with its unit. */
    said,
    refusal: made && !made.ok ? made.refusal : undefined,
    pour,
    busy,
  };
}

export type DosingNow = ReturnType<typeof useDosing>;
