import type { BenchAnswer } from '@/book/answers';
import { checkTempEntry } from '@/core/plausibility';
import { asFoundOnly, makeEcPlan, makePhPlan, thirdCupPh, type BenchPlan } from '@/core/procedure';
import { celsiusFrom } from '@/core/units';
import type { BenchDraft, Pen } from '@/records/kinds';
import { notANumber, parseDecimal, tempMessage, type FieldMessage, type Formats } from '@/words';
import { offTableMessage } from '@/words/bench/benchWords';
import { prepareSays } from '@/words/bench/prepare';
import { bottleForBoth, cupLot, hasValue, pouredFrom } from './chooseLots';

/** How much of a check: all of it, every cup without adjusting, or one cup. */
export type Scope = 'full' | 'all' | 'first';

/** What was chosen for a sitting before its first dip. */
export type Chosen = Pick<BenchDraft, 'lots' | 'mode' | 'third'>;

/** Whether one bottle serves both sides in this sitting: the pen knows nothing else, or is set so. */
export function isOneBottle({ ph, ec }: Pen, { mode }: Chosen): boolean {
  if (!ph?.oneBottle || !ec) return false;
  return ph.twoModes ? mode !== 'points' : true;
}

/** The third buffer a pen could be calibrated in besides its two, pH. */
export const thirdOf = ({ ph }: Pen): number | undefined =>
  ph ? thirdCupPh({ ...ph, by: ph.press.by }) : undefined;

/** The pH cups of a sitting in their order, by their printed values. */
function phCups({ pen, lots }: BenchAnswer, chosen: Chosen): readonly number[] {
  const { ph } = pen.body;
  if (!ph) return [];
  if (isOneBottle(pen.body, chosen)) {
    const nominal = bottleForBoth(lots, ph.cupsPh[0])?.body.nominal;
    return [nominal ?? ph.cupsPh[0]!];
  }
  const third = chosen.third ? thirdOf(pen.body) : undefined;
  return third === undefined ? ph.cupsPh : [...ph.cupsPh, third];
}

/** The cups of a side in their order, and what each is poured from. */
export function cupsOf(answer: BenchAnswer, quantity: 'ph' | 'ec', chosen: Chosen = {}) {
  const { pen, lots } = answer;
  const { ec } = pen.body;
  const kind = quantity === 'ph' ? ('buffer' as const) : ('ecStandard' as const);
  return {
    kind,
    nominals: quantity === 'ph' ? phCups(answer, chosen) : ec ? [ec.standardMsPerCm] : [],
    pouredOf: (nominal: number) =>
      pouredFrom(lots, { kind, nominal, choice: chosen.lots?.[String(nominal)] }),
  };
}

interface Asked {
  readonly answer: BenchAnswer;
  readonly quantity: 'ph' | 'ec';
  readonly scope: Scope;
  readonly chosen?: Chosen | undefined;
  /** The temperature of the cups as typed. */
  readonly typed: string;
  readonly formats: Formats;
}

/** The sitting that was asked for, or what stands in its way, for the field of the temperature. */
export function planOf({ answer, quantity, scope, chosen = {}, typed, formats }: Asked): {
  readonly plan?: BenchPlan;
  /** The EC side in the same cup, where one bottle serves both. */
  readonly also?: BenchPlan | undefined;
  readonly message?: FieldMessage | undefined;
} {
  const { ph, ec, tolerancePolicy: policy } = answer.pen.body;
  const { kind, nominals, pouredOf } = cupsOf(answer, quantity, chosen);
  const parsed = parseDecimal(typed);
  if (!parsed.ok) return { message: notANumber(parsed, prepareSays.temperatureOfCups) };
  const tempC = celsiusFrom(parsed.value, formats.settings.tempUnit);
  const issue = checkTempEntry(tempC);
  if (issue) return { message: tempMessage(issue, formats) };
  const unknown =
    quantity === 'ph'
      ? nominals.find((nominal) => !hasValue(nominal, pouredOf(nominal)))
      : undefined;
  if (unknown !== undefined)
    return { message: { text: prepareSays.unknownBuffer(formats.number(unknown, 2)) } };
  const scoped = (full: BenchPlan) => (scope === 'full' ? full : asFoundOnly(full, scope));
  const sitting = { tempC, policy, lotFor: (nominal: number) => cupLot(pouredOf(nominal), kind) };
  const cupsPh = [...nominals];
  const full =
    quantity === 'ph'
      ? ph && makePhPlan({ ...ph, cupsPh }, sitting)
      : ec && makeEcPlan(ec, sitting);
  if (!full) return {};
  const plan = scoped(full);
  const both = quantity === 'ph' && isOneBottle(answer.pen.body, chosen);
  const also = both ? ecInSameCup(answer, pouredOf(nominals[0]!), sitting) : undefined;
  const message =
    offTableMessage(plan, formats) ?? (also ? offTableMessage(also, formats) : undefined);
  return message ? { message } : { plan, also: also && scoped(also) };
}

/** The EC side of a sitting in the very cup its pH side is poured into. */
function ecInSameCup(
  { pen }: BenchAnswer,
  poured: ReturnType<ReturnType<typeof cupsOf>['pouredOf']>,
  sitting: Parameters<typeof makeEcPlan>[1],
): BenchPlan | undefined {
  const { ec } = pen.body;
  if (!ec) return undefined;
  const standardMsPerCm = poured.lot?.body.alsoMsPerCm ?? ec.standardMsPerCm;
  const lotFor = () => cupLot(poured, 'ecStandard');
  return makeEcPlan({ ...ec, standardMsPerCm }, { ...sitting, lotFor });
}
