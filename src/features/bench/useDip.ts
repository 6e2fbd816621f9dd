import { type CupId, cupTarget, type BenchPlan, type BenchStep, type Cup } from '@/core/procedure';
import { useState } from 'react';
import type { PenAnswer } from '@/book/answers';
import { thisMoment } from '@/book/client';
import { useFormats } from '@/shell/formats';
import { stillWatch } from '@/timers';
import { parseDecimal, stepTyped } from '@/words';
import { dipMessage, type DipMessage } from '@/words/bench/dipMessage';
import type { Bench } from './useBench';

/** One dip of a sitting. */
export interface Dipping {
  readonly pen: PenAnswer;
  readonly bench: Bench;
  readonly plan: BenchPlan;
  readonly step: Extract<BenchStep, { kind: 'dip' }>;
}

/** What is typed in one dip, for one side or both, and taking it into the sitting. */
export function useDip({ pen, bench, plan, step }: Dipping) {
  const formats = useFormats();
  const { phase, attempt } = step;
  const { typed, also, events } = bench.draft;
  // One cup for both sides is named by its pH.
  const cup = also ? plan.cups[0]! : step.cup;
  const alsoCup = also?.plan.cups[0];
  const [message, setMessage] = useState<DipMessage>();
  const [alsoMessage, setAlsoMessage] = useState<DipMessage>();
  const parsed = parseDecimal(typed);

  const take = (sure: boolean) => {
    const at = { phase, attempt, pen };
    const insisted = (found: DipMessage | undefined) => !found || (sure && found.sure);
    const found = dipMessage({ ...at, plan, cup, typed, events }, formats);
    const alsoFound =
      also && alsoCup ? dipMessage({ ...at, ...also, cup: alsoCup }, formats) : undefined;
    const second = also ? parseDecimal(also.typed) : undefined;
    if (!parsed.ok || second?.ok === false || !insisted(found) || !insisted(alsoFound)) {
      setMessage(found);
      return setAlsoMessage(alsoFound);
    }
    const { nowMs: atMs } = thisMoment();
    const { settleS } = stillWatch(bench.draft, atMs);
    const read = (cupId: CupId, shown: number) =>
      ({ type: 'read', phase, cupId, shown, atMs, settleS }) as const;
    bench.read(
      read(cup.id, parsed.value),
      second?.ok && alsoCup ? [read(alsoCup.id, second.value)] : [],
    );
  };
  /** One digit up or down from what is typed, or from what it should show. */
  const stepped = (of: { plan: BenchPlan; cup: Cup; typed: string }, direction: 1 | -1) => {
    const at = cupTarget(of.plan, of.cup);
    const from = at.ok ? at.value.target : 0;
    return stepTyped(of.typed, { direction, resolution: of.plan.resolution, from, formats });
  };
  const onType = (text: string) => {
    setMessage(undefined);
    bench.type(text);
  };
  const onTypeAlso = (text: string) => {
    setAlsoMessage(undefined);
    bench.typeAlso(text);
  };
  return {
    cup,
    parsed,
    take,
    /** The field of the sitting's own side. */
    own: {
      typed,
      onType,
      message,
      onStep: (direction: 1 | -1) => onType(stepped({ plan, cup, typed }, direction)),
    },
    /** The EC side in the same cup, where one bottle serves both. */
    also:
      also && alsoCup
        ? {
            side: { ...also, cup: alsoCup },
            field: {
              typed: also.typed,
              onType: onTypeAlso,
              message: alsoMessage,
              onStep: (direction: 1 | -1) =>
                onTypeAlso(stepped({ ...also, cup: alsoCup }, direction)),
            },
          }
        : undefined,
    /** What says that a doubtful value is right all the same. */
    sure: message?.sure ?? alsoMessage?.sure,
    /** The earlier point to dip again, where that one is doubted. */
    again: message?.again,
  };
}

export type Dip = ReturnType<typeof useDip>;
