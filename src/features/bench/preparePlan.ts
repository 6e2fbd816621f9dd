import type { BenchAnswer } from '@/book/answers';
import { checkTempEntry } from '@/core/plausibility';
import { asFoundOnly, makeEcPlan, makePhPlan, type BenchPlan } from '@/core/procedure';
import { celsiusFrom } from '@/core/units';
import { notANumber, parseDecimal, tempMessage, type FieldMessage, type Formats } from '@/words';
import { offTableMessage } from '@/words/bench/benchWords';
import { prepareSays } from '@/words/bench/prepare';
import { cupLot, hasValue, pouredFrom } from './chooseLots';

/** How much of a check: all of it, every cup without adjusting, or one cup. */
export type Scope = 'full' | 'all' | 'first';

/** What was chosen for each cup, by its nominal value. */
export type ChosenLots = Readonly<Record<string, string>>;

/** The cups of a side in their order, and what each is poured from. */
export function cupsOf({ pen, lots }: BenchAnswer, quantity: 'ph' | 'ec', chosen: ChosenLots = {}) {
  const { ph, ec } = pen.body;
  const kind = quantity === 'ph' ? ('buffer' as const) : ('ecStandard' as const);
  return {
    kind,
    nominals: quantity === 'ph' ? (ph?.cupsPh ?? []) : ec ? [ec.standardMsPerCm] : [],
    pouredOf: (nominal: number) =>
      pouredFrom(lots, { kind, nominal, choice: chosen[String(nominal)] }),
  };
}

interface Asked {
  readonly answer: BenchAnswer;
  readonly quantity: 'ph' | 'ec';
  readonly scope: Scope;
  readonly chosen?: ChosenLots | undefined;
  /** The temperature of the cups as typed. */
  readonly typed: string;
  readonly formats: Formats;
}

/** The sitting that was asked for, or what stands in its way, for the field of the temperature. */
export function planOf({ answer, quantity, scope, chosen, typed, formats }: Asked): {
  readonly plan?: BenchPlan;
  readonly message?: FieldMessage | undefined;
} {
  const { ph, ec, tolerancePolicy: policy } = answer.pen.body;
  const { nominals, pouredOf } = cupsOf(answer, quantity, chosen);
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
  const sitting = { tempC, policy, lotFor: (nominal: number) => cupLot(pouredOf(nominal)) };
  const full = quantity === 'ph' ? ph && makePhPlan(ph, sitting) : ec && makeEcPlan(ec, sitting);
  const plan = full && (scope === 'full' ? full : asFoundOnly(full, scope));
  if (!plan) return {};
  const message = offTableMessage(plan, formats);
  return message ? { message } : { plan };
}
