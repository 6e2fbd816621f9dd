import type { CheckAbout } from '@/book/answers';
import {
  cupTarget,
  cupTempC,
  judgeDip,
  passWindow,
  type BenchEvent,
  type BenchPlan,
  type Cup,
  type DipPhase,
} from '@/core/procedure';
import type { Session } from '@/records/kinds';
import type { EntryFact } from '@/words/book/entryFact';
import { OUTCOME_SENTENCE } from '@/words/pens/penLines';
import { dayMonthYear, writeMoment, type Formats, QUANTITY_NAME } from '@/words';
import { errorWords, shownText } from '@/words/bench/benchWords';
import { cupName } from '@/words/bench/cupWords';
import { checkSays, PHASE_WORD } from '@/words/book/check';

/** One try in a cup, or an error the pen showed instead. */
export interface RecordDip {
  readonly cup: string;
  readonly phase: string;
  readonly target: string;
  readonly shown: string;
  readonly error: string;
  readonly allowed: string;
  readonly verdict: string;
}

interface About {
  readonly check: CheckAbout | undefined;
  readonly by: string;
  readonly zone: string;
  readonly formats: Formats;
}

const day = (iso: string | undefined) => (iso ? dayMonthYear(Date.parse(iso)) : '');

/** A cup’s bottle: its number, its date, and whether that had passed. */
function lotWords(body: Session, cup: Cup, check: CheckAbout | undefined): string {
  const { lotId, reused } = cup;
  const lot = lotId === undefined ? undefined : check?.lots[lotId];
  const name =
    lotId === undefined
      ? checkSays.noLot
      : lot
        ? checkSays.lot(lot.lotCode || checkSays.noNumber)
        : checkSays.goneLot;
  const past = lotId !== undefined && body.pastDateLots.includes(lotId);
  return [
    name,
    lot?.openedAt ? checkSays.opened(day(lot.openedAt)) : '',
    lot?.expiresAt ? checkSays.goodUntil(day(lot.expiresAt)) : '',
    past ? checkSays.pastDate : '',
    reused ? checkSays.usedBefore : '',
  ]
    .filter(Boolean)
    .join(', ');
}

function cupFact(
  body: Session,
  cup: Cup,
  { check, formats }: Pick<About, 'check' | 'formats'>,
): EntryFact {
  const plan = body.plan as BenchPlan;
  const at = cupTarget(plan, cup);
  const target = at.ok ? shownText(plan, at.value.target, formats) : checkSays.offTheTable;
  const temp = formats.temp(cupTempC(plan, cup));
  return {
    label: checkSays.cup(cupName(cup, formats)),
    value: `${checkSays.target(target, temp)}; ${lotWords(body, cup, check)}`,
  };
}

/** What ruled: how far off a display might be as found and as left. */
function toleranceWords(plan: BenchPlan, formats: Formats): string {
  const side = (value: number) =>
    plan.quantity === 'ph' ? `± ${formats.number(value, 2)} pH` : `± ${formats.percent(value)}`;
  const found = plan.leaflet ? checkSays.byLeaflet : side(plan.asFoundTolerance);
  return checkSays.tolerance(found, side(plan.asLeftTolerance));
}

function lookBackWords({ lookBack }: CheckAbout): string {
  if (!lookBack) return checkSays.nothingBefore;
  return checkSays.lookBack(lookBack.readings, lookBack.turned, lookBack.wrongDoses);
}

/** Everything that makes a check a record, in the order an inspector asks for it. */
export function checkFacts(body: Session, about: About): readonly EntryFact[] {
  const { check, by, zone, formats } = about;
  const plan = body.plan as BenchPlan;
  const optional = (label: string, value: string | undefined) => (value ? [{ label, value }] : []);
  return [
    ...optional(checkSays.pen, check && `${check.code} ${check.name}`),
    { label: checkSays.device, value: check?.serial || checkSays.notWritten },
    ...optional(
      checkSays.probe,
      check?.probe &&
        checkSays.fitted(
          check.probe.serial || checkSays.noNumber,
          dayMonthYear(check.probe.fittedAtMs),
        ),
    ),
    { label: checkSays.person, value: by || checkSays.notWritten },
    {
      label: checkSays.finished,
      value: `${writeMoment(Date.parse(body.finishedAt))} (${zone})`,
    },
    {
      label: checkSays.procedure,
      value: checkSays.order(
        QUANTITY_NAME[plan.quantity],
        plan.cups.map((cup) => cupName(cup, formats)).join(', '),
      ),
    },
    ...plan.cups.map((cup) => cupFact(body, cup, about)),
    { label: checkSays.allowed, value: toleranceWords(plan, formats) },
    {
      label: checkSays.cleaned,
      value: body.afterCleaning ? checkSays.cleanedBefore : checkSays.asItWas,
    },
    { label: checkSays.verdict, value: OUTCOME_SENTENCE[body.outcome] },
    ...optional(checkSays.foundOut, check && lookBackWords(check)),
    ...optional(checkSays.note, body.note),
  ];
}

function dipOf(
  plan: BenchPlan,
  event: Extract<BenchEvent, { type: 'read' | 'errorShown' | 'unseen' }>,
  { tries, formats }: { tries: Map<string, number>; formats: Formats },
): RecordDip[] {
  const cup = plan.cups.find(({ id }) => id === event.cupId);
  if (!cup) return [];
  const key = `${event.phase} ${cup.id}`;
  const attempt = (tries.get(key) ?? 0) + 1;
  tries.set(key, attempt);
  const phase: DipPhase = event.phase;
  const named = {
    cup: cupName(cup, formats),
    phase: attempt > 1 ? checkSays.again(PHASE_WORD[phase], attempt) : PHASE_WORD[phase],
  };
  const none = { target: '', error: '', allowed: '', verdict: '' };
  if (event.type === 'errorShown') return [{ ...named, ...none, shown: event.text }];
  if (event.type === 'unseen') return [{ ...named, ...none, shown: checkSays.unseen }];
  if (!cupTarget(plan, cup).ok)
    return [{ ...named, ...none, shown: shownText(plan, event.shown, formats) }];
  const judged = judgeDip(plan, cup, phase, event.shown);
  const { low, high } = passWindow(plan, cup, phase);
  return [
    {
      ...named,
      target: shownText(plan, judged.target, formats),
      shown: shownText(plan, event.shown, formats),
      error: errorWords(plan, judged.error, formats),
      allowed: checkSays.fromTo(
        formats.shown(low, plan.resolution),
        shownText(plan, high, formats),
      ),
      verdict: judged.within ? checkSays.within : checkSays.outside,
    },
  ];
}

/** Every try of a check as it happened, those called back too, and every error the pen showed. */
export function checkDips(body: Session, formats: Formats): readonly RecordDip[] {
  const plan = body.plan as BenchPlan;
  const tries = new Map<string, number>();
  return (body.events as readonly BenchEvent[]).flatMap((event) =>
    event.type === 'read' || event.type === 'errorShown' || event.type === 'unseen'
      ? dipOf(plan, event, { tries, formats })
      : [],
  );
}
