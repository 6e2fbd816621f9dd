import {
  cupTarget,
  cupTempC,
  dipReading,
  judgeDip,
  passWindow,
  type BenchEvent,
  type BenchOutcome,
  type BenchPlan,
  type Cup,
  type DipPhase,
} from '@/core/procedure';
import { SCALE_LABEL, type FieldMessage, type Formats } from '@/words';
import { cupLiquid, cupName } from './cupWords';
import { QUANTITY_NAME } from '../quantityName';

/** The unit after a shown value. */
export function shownUnit(plan: BenchPlan): string {
  return plan.quantity === 'ec' ? SCALE_LABEL[plan.scale ?? 'mS/cm'] : 'pH';
}

/** A value as the pen shows it, with its unit. */
export function shownText(plan: BenchPlan, value: number, formats: Formats): string {
  return `${formats.shown(value, plan.resolution)} ${shownUnit(plan)}`;
}

/** How a shown value compares with its target, in words. */
export function errorWords(plan: BenchPlan, error: number, formats: Formats): string {
  const size = formats.shown(Math.abs(error), plan.resolution);
  if (Number(size.replace(',', '.')) === 0) return 'on target';
  return `${size} ${shownUnit(plan)} ${error > 0 ? 'high' : 'low'}`;
}

/** The settled dips of a sitting, for the strip of cups and the summary. */
export function dipSummary(plan: BenchPlan, events: readonly BenchEvent[], formats: Formats) {
  const phases: readonly DipPhase[] = ['asFound', 'asLeft', 'confirm'];
  const label = { asFound: 'as found', asLeft: 'as left', confirm: 'confirmed' } as const;
  return phases.flatMap((phase) =>
    plan.cups.flatMap((cup) => {
      const { reading } = dipReading(events, phase, cup.id);
      if (!reading) return [];
      const judged = judgeDip(plan, cup, phase, reading.shown);
      return [
        {
          key: `${phase}-${cup.id}`,
          what: `${label[phase]} in ${QUANTITY_NAME[plan.quantity]} ${cupName(cup, formats)}`,
          shown: shownText(plan, reading.shown, formats),
          target: shownText(plan, judged.target, formats),
          error: errorWords(plan, judged.error, formats),
          within: judged.within,
        },
      ];
    }),
  );
}

/** How a sitting ended, as the sentence that stands first. */
export function outcomeSentence(outcome: BenchOutcome, code: string): string {
  switch (outcome) {
    case 'inTolerance':
      return `${code} is in tolerance. Nothing to adjust.`;
    case 'adjusted':
      return `${code} is adjusted and holds.`;
    case 'adjustedWithMiss':
      return `${code} is adjusted, with a miss that you accepted.`;
    case 'leftOut':
      return `${code} is out of tolerance and was not adjusted.`;
  }
}

/** How a sitting of one cup for both sides ended: once where both ended alike, else each side. */
export function outcomeSentences(code: string, ph: BenchOutcome, ec: BenchOutcome): string[] {
  if (ph === ec) return [outcomeSentence(ph, code)];
  return [
    outcomeSentence(ph, `${code} ${QUANTITY_NAME.ph}`),
    outcomeSentence(ec, `${code} ${QUANTITY_NAME.ec}`),
  ];
}

/** The target of a dip and where it comes from. */
export function targetLine(
  plan: BenchPlan,
  cup: Cup,
  formats: Formats,
): { value: string; from: string } {
  const at = cupTarget(plan, cup);
  if (!at.ok) return { value: '–', from: `no value at ${formats.temp(cupTempC(plan, cup))}` };
  const stored = plan.storesNominal
    ? ': this pen stores the printed value'
    : ` at ${formats.temp(cupTempC(plan, cup))}`;
  return {
    value: formats.shown(at.value.target, plan.resolution),
    from: `${cupLiquid(cup, formats)}${stored}`,
  };
}

/** The displays that pass: "good: 1,340 to 1,430 ppm". */
export function windowLine(plan: BenchPlan, cup: Cup, phase: DipPhase, formats: Formats): string {
  const { low, high } = passWindow(plan, cup, phase);
  const shown = (value: number) => formats.shown(value, plan.resolution);
  return `Good: ${shown(low)} to ${shown(high)} ${shownUnit(plan)}`;
}

/** While adjusting: what this cup was found at, so that the grower sees how far it comes back. */
export function foundLine(
  plan: BenchPlan,
  events: readonly BenchEvent[],
  cup: Cup,
  phase: DipPhase,
  formats: Formats,
): string {
  const { reading } = dipReading(events, 'asFound', cup.id);
  if (phase === 'asFound' || !reading) return '';
  const { error } = judgeDip(plan, cup, 'asFound', reading.shown);
  return `; found ${shownText(plan, reading.shown, formats)}, ${errorWords(plan, error, formats)}`;
}

/** A cup whose value nobody knows at the sitting's temperature: its label's table ends before. */
export function offTableMessage(plan: BenchPlan, formats: Formats): FieldMessage | undefined {
  for (const cup of plan.cups) {
    const target = cupTarget(plan, cup);
    if (target.ok) continue;
    const { min, max } = target.refusal;
    const nominal = cup.quantity === 'ph' ? cup.buffer.nominalPh : cup.standard.nominalMsPerCm;
    return {
      text: `What the ${formats.number(nominal, cup.quantity === 'ph' ? 2 : 3)} is worth is known from ${formats.temp(min)} to ${formats.temp(max)} only. Let the cups come to that.`,
    };
  }
  return undefined;
}
