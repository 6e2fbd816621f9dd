import {
  cupTarget,
  dialOf,
  dipReading,
  judgeDip,
  passWindow,
  type BenchEvent,
  type BenchOutcome,
  type BenchPlan,
  type Cup,
  type DipPhase,
} from '@/core/procedure';
import type { Pen, Press } from '@/records/kinds';
import { counted, SCALE_LABEL, type FieldMessage, type Formats } from '@/words';

/** What a cup is called: by its value, never by the trade's bottle colours. */
export function cupName(cup: Cup, formats: Formats): string {
  return cup.quantity === 'ph'
    ? formats.number(cup.buffer.nominalPh, 2)
    : formats.number(cup.standard.nominalMsPerCm, cup.standard.nominalMsPerCm < 2 ? 3 : 2);
}

/** "the 7.00 buffer", "the 1.413 standard". */
function cupLiquid(cup: Cup, formats: Formats): string {
  return `the ${cupName(cup, formats)} ${cup.quantity === 'ph' ? 'buffer' : 'standard'}`;
}

/** The unit after a shown value; pH needs none. */
export function shownUnit(plan: BenchPlan): string {
  return plan.quantity === 'ec' ? SCALE_LABEL[plan.scale ?? 'mS/cm'] : '';
}

/** A value as the pen shows it, with its unit. */
export function shownText(plan: BenchPlan, value: number, formats: Formats): string {
  return `${formats.shown(value, plan.resolution)} ${shownUnit(plan)}`.trim();
}

/** What to do in this dip. */
export function dipTitle(phase: DipPhase, cup: Cup, formats: Formats): string {
  const name = cupName(cup, formats);
  if (phase === 'confirm') return `Once more into the ${name}, to confirm.`;
  if (cup.quantity === 'ec' && phase === 'asFound')
    return `Rinse, shake off every drop, dip in the ${name} over its holes. Tap off bubbles, stir, hold still.`;
  if (phase === 'asLeft') return `Rinse, shake, dip in the ${name}. Wait, then adjust.`;
  return `Rinse, shake, dip in the ${name}. Swirl, then hold still.`;
}

/** How the button is pressed, from the profile alone. */
function buttonLine(press: Press, cupAt: number): string {
  const picks = press.picksBy?.[cupAt];
  const times = picks === undefined ? '' : picks === 1 ? 'once' : `${picks} times`;
  const choose = times === '' ? '' : `press shortly ${times}, that picks this buffer; then `;
  const past = press.holdPastOff ? ' on past the word for off' : '';
  const hold =
    press.holdSeconds > 0
      ? `hold the button${past} ${press.holdSeconds} s`
      : press.holdPastOff
        ? 'hold the button on past the word for off'
        : 'press the button';
  const act = `${choose}${hold}`;
  return press.when === 'beforeDip'
    ? `Before dipping, ${act}. `
    : `When it is still, ${act}, let go. `;
}

const BETWEEN = {
  staysOn: '',
  offLosesPoints: ' Leave it on: switched off now it would lose its points.',
  offAfterEach: ' Then switch it off; the point is stored.',
} as const;

const DIAL = { zero: 'zero dial', slope: 'slope dial', cell: 'dial' } as const;

/** The cup an adjustment is for, and its place among the cups, from 0. */
interface AdjustedCup {
  readonly cup: Cup;
  readonly at: number;
}

/** How to adjust, from the pen's profile and the cup alone: which dial does not follow from the order. */
export function pressLine(
  phase: DipPhase,
  press: Press,
  target: string,
  { cup, at }: AdjustedCup,
): string {
  if (phase === 'asFound')
    return 'As found: read only. Don’t press anything, don’t clean it first.';
  if (phase === 'confirm') return 'Read only. This tells how it was left.';
  const between = BETWEEN[press.between ?? 'staysOn'];
  if (press.by === 'screw') return `When it is still, turn the screw until it shows ${target}.`;
  if (press.by === 'dials')
    return `When it is still, turn the ${DIAL[dialOf(cup)]} until it shows ${target}.`;
  if (press.by === 'steps')
    return `When it is still, step the value up or down until it shows ${target}, then confirm.${between}`;
  if (press.by === 'none') return 'This side cannot be adjusted.';
  const confirm = press.confirmPress ? 'Press once more to confirm. ' : '';
  const seen = press.endsUnseen
    ? 'Type what it shows once it has taken the point, or say that it ended unseen.'
    : 'Type what it shows once it has taken the point.';
  return `${buttonLine(press, at)}${confirm}${seen}${between}`;
}

/** What to know of this pen before the first cup, from its profile alone. */
export function penHints({ display, ph, ec }: Pen, quantity: 'ph' | 'ec'): readonly string[] {
  const side = quantity === 'ph' ? ph : ec;
  const { press } = side ?? {};
  const family = ph?.cupsPh.length === 1 ? 'one-bottle or one-point' : `${ph?.cupsPh.length}-point`;
  return [
    quantity === 'ph' && side?.adjustable
      ? ph?.oneBottle
        ? 'Is the pen itself in its one-bottle mode? It must match.'
        : `Is the pen itself in its ${family} mode? It must match.`
      : '',
    press?.autoOffMinutes
      ? `It switches itself off after ${press.autoOffMinutes} min: a slow probe may need longer; keep it awake.`
      : '',
    press?.between === 'offLosesPoints' && press.by !== 'none'
      ? 'Do not switch it off between points: it would start again at the first.'
      : '',
    display?.sleeps ? 'It sleeps while you wait: wake it, and do not read too soon after.' : '',
    display?.holds ? 'Take its display off hold: a frozen number gets logged.' : '',
    display?.measuresOnPress ? 'It measures only after a press; wait for its sign.' : '',
    display?.markDays
      ? `The “calibrated” sign on the pen only counts ${counted(display.markDays, 'day')}. It measures nothing.`
      : '',
    ph?.spearTip && quantity === 'ph'
      ? 'Spear tip: in a cup let it stand free of the wall; in soil make a pilot hole first.'
      : '',
  ].filter(Boolean);
}

/** How a shown value compares with its target, in words. */
export function errorWords(plan: BenchPlan, error: number, formats: Formats): string {
  const size = formats.shown(Math.abs(error), plan.resolution);
  if (Number(size.replace(',', '.')) === 0) return 'on target';
  return `${size} ${shownUnit(plan)} ${error > 0 ? 'high' : 'low'}`.replace('  ', ' ');
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
          what: `${label[phase]} in ${plan.quantity === 'ph' ? 'pH ' : ''}${cupName(cup, formats)}`,
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
      return `${code} is adjusted, with a miss you accepted.`;
    case 'leftOut':
      return `${code} is out of tolerance and left so.`;
  }
}

/** The target of a dip and where it comes from. */
export function targetLine(
  plan: BenchPlan,
  cup: Cup,
  formats: Formats,
): { value: string; from: string } {
  const at = cupTarget(plan, cup);
  if (!at.ok) return { value: '–', from: `no value at ${formats.temp(plan.tempC)}` };
  const stored = plan.storesNominal ? ', as this pen stores it' : ` at ${formats.temp(plan.tempC)}`;
  return {
    value: formats.shown(at.value.target, plan.resolution),
    from: `${cupLiquid(cup, formats)}${stored}`,
  };
}

/** The displays that pass: "good: 1,340 to 1,430 ppm". */
export function windowLine(plan: BenchPlan, cup: Cup, phase: DipPhase, formats: Formats): string {
  const { low, high } = passWindow(plan, cup, phase);
  const shown = (value: number) => formats.shown(value, plan.resolution);
  return `good: ${shown(low)} to ${shown(high)} ${shownUnit(plan)}`.trim();
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
